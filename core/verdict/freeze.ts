import type { UnitSystem } from '#core/compare/display.ts'
import type { Row } from '#core/compare/lineup.ts'
import { groundsOf } from './grounds.ts'
import { leaders, type Judgeable, type Judged } from './judged.ts'

/** What a verdict said on the day it was published. */
export interface Frozen {
  school: string
  driver: string
  /** Version of the method. */
  method: number
  /** Best first. */
  ranking: { column: string; name: string; value: number; low: number; high: number }[]
  winners: string[]
  sentences: string[]
}

/** So many grounds are kept with a published verdict. */
const mostGrounds = 5

/**
 * The first that the leaders do not tie with, else the second: whom the winner is set against.
 *
 * @example runnerUpOf(ranked)?.id // => id of the next
 */
export function runnerUpOf(ranked: readonly Judged[]): Judged | undefined {
  const first = leaders(ranked)
  return ranked.find((one) => !first.includes(one)) ?? ranked[1]
}

/**
 * A verdict as it stands, to be kept when it is published.
 *
 * @param ranked best first
 * @param columns in the order of the rows' cells
 * @param by names of school and driver, version of the method
 * @example freeze(ranked, rows, columns, nameOf, { school: 'Build first', driver: '', method: 1 }, 'metric').winners // => ['Norrith N-40']
 */
export function freeze(
  ranked: readonly Judged[],
  rows: readonly Row[],
  columns: readonly Judgeable[],
  nameOf: (id: string) => string,
  by: Pick<Frozen, 'school' | 'driver' | 'method'>,
  system: UnitSystem,
): Frozen {
  const [leader, next] = [ranked[0], runnerUpOf(ranked)]
  const grounds = leader && next ? groundsOf(leader, next, rows, columns, system) : []
  return {
    ...by,
    ranking: ranked.map(({ id, score }) => ({
      column: id,
      name: nameOf(id),
      value: score.value!,
      low: score.low,
      high: score.high,
    })),
    winners: leaders(ranked).map(({ id }) => nameOf(id)),
    sentences: grounds
      .filter(({ gain }) => gain > 0)
      .slice(0, mostGrounds)
      .map(({ criterion, first, second }) => `${criterion.label}: ${first} against ${second}.`),
  }
}
