import type { Row } from '#core/compare/lineup.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import { scoreContributions } from './contributions.ts'
import { formatCall, type Call } from './call.ts'
import { formatJudgedOn, judgedOn, notLookedAt } from './judged-on.ts'
import type { Judgement } from './judgement.ts'

/** Where a product stood on the day; verdicts of former editions say less. */
interface RankedThen {
  column: string
  name: string
  value: number
  low: number
  high: number
  chance?: number
  /** What it was judged on, in words. */
  judgedOn?: string
  /** How many specimens, and who gave them, in words. */
  disclosure?: string
  /** What nobody had looked at, by name, the weightiest first. */
  notLookedAt?: string[]
}

/** What a published verdict calls a column, and what is to be disclosed of it. */
interface ColumnWords {
  nameOf: (id: string) => string
  disclosureOf: (id: string) => string
}

/** What a verdict said on the day it was published. */
export interface VerdictSnapshot {
  school: string
  driver: string
  /** Version of the method. */
  method: number
  /** What size class it was judged as, in words. */
  sizeClass?: string
  /** Best first. */
  ranking: RankedThen[]
  winners: string[]
  /** Who is first and how sure that is, in words; verdicts of the first edition do not say it. */
  call?: string
  word?: Call['word']
  sentences: string[]
  /** What contradicted itself and was published all the same. */
  contradictions?: string[]
  /** What the reviewer may gain by it, in words. */
  interest?: string
}

/** So many contributions are kept with a published verdict. */
const keptContributions = 5

/**
 * A verdict as it stands, to be kept when it is published.
 *
 * @param judgement of the line-up
 * @param rows of the line-up
 * @param words what columns are called and what is disclosed of them
 * @param by names of school and driver, version of the method
 * @param system units to say it in
 * @example
 * takeSnapshot(judge([]), [], { nameOf: (id) => id, disclosureOf: () => '' },
 *   { school: 'Build first', driver: '', method: 1 }, 'metric').winners // => []
 */
export function takeSnapshot(
  { ranked, call }: Judgement,
  rows: readonly Row[],
  { nameOf, disclosureOf }: ColumnWords,
  by: Pick<VerdictSnapshot, 'school' | 'driver' | 'method' | 'sizeClass' | 'contradictions' | 'interest'>,
  system: UnitHabit,
): VerdictSnapshot {
  const [first, next] = ranked
  const contributions = first && next ? scoreContributions(first, next, rows, system) : []
  return {
    ...by,
    ranking: ranked.map(({ id, chance, score, chances: { mean, low, high } }) => ({
      column: id,
      name: nameOf(id),
      value: mean,
      low,
      high,
      chance,
      judgedOn: formatJudgedOn(judgedOn(score)),
      disclosure: disclosureOf(id),
      notLookedAt: notLookedAt(score),
    })),
    winners: (call?.named ?? []).map(({ id }) => nameOf(id)),
    ...(call && { call: formatCall(call, nameOf), word: call.word }),
    sentences: contributions
      .filter(({ gain }) => gain > 0)
      .slice(0, keptContributions)
      .map(({ criterion, first: own, second }) => `${criterion.label}: ${own} against ${second}.`),
  }
}
