import type { Row } from '#core/compare/lineup.ts'
import type { UnitSystem } from '#core/quantity/units.ts'
import { scoreContributions } from './contributions.ts'
import { leaders, type EvaluatedRevision } from './ranking.ts'

/** What a verdict said on the day it was published. */
export interface VerdictSnapshot {
  school: string
  driver: string
  /** Version of the method. */
  method: number
  /** Best first. */
  ranking: { column: string; name: string; value: number; low: number; high: number }[]
  winners: string[]
  sentences: string[]
}

/** So many contributions are kept with a published verdict. */
const keptContributions = 5

/**
 * The first that the leaders do not tie with, else the second: whom the winner is set against.
 *
 * @param ranked best first
 * @example runnerUp([]) // => undefined
 */
export function runnerUp(ranked: readonly EvaluatedRevision[]): EvaluatedRevision | undefined {
  const first = leaders(ranked)
  return ranked.find((one) => !first.includes(one)) ?? ranked[1]
}

/**
 * A verdict as it stands, to be kept when it is published.
 *
 * @param ranked best first
 * @param rows of the line-up
 * @param nameOf a column
 * @param by names of school and driver, version of the method
 * @param system units to say it in
 * @example takeSnapshot([], [], (id) => id, { school: 'Build first', driver: '', method: 1 }, 'metric').winners
 * // => []
 */
export function takeSnapshot(
  ranked: readonly EvaluatedRevision[],
  rows: readonly Row[],
  nameOf: (id: string) => string,
  by: Pick<VerdictSnapshot, 'school' | 'driver' | 'method'>,
  system: UnitSystem,
): VerdictSnapshot {
  const [leader, next] = [ranked[0], runnerUp(ranked)]
  const contributions = leader && next ? scoreContributions(leader, next, rows, system) : []
  return {
    ...by,
    ranking: ranked.flatMap(({ id, score: { value, low, high } }) =>
      value === undefined ? [] : [{ column: id, name: nameOf(id), value, low, high }],
    ),
    winners: leaders(ranked).map(({ id }) => nameOf(id)),
    sentences: contributions
      .filter(({ gain }) => gain > 0)
      .slice(0, keptContributions)
      .map(({ criterion, first, second }) => `${criterion.label}: ${first} against ${second}.`),
  }
}
