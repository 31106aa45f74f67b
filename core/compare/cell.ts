import type { Evidence } from '#core/catalogue/index.ts'
import type { End } from '#core/teardown/end.ts'
import type { OpeningGroup } from '#core/teardown/opening-groups.ts'
import { mergeOpenings } from '#core/teardown/said-openings.ts'
import { areTied, type MeasuredValue } from './difference.ts'
import type { SpreadSource } from './unit-spread.ts'

export type Mark = 'best' | 'worst'

/** What a known cell rests on. */
interface CellBasis {
  /** The weakest evidence among its specimens. */
  evidence: Evidence
  /** Id of the specimen that it opens to. */
  specimen: string
  /** So many specimens were looked at. */
  of: number
  /** The end that decides, where the two differ. */
  end?: End
}

/** The value is in SI, a count or the step of a grade. */
export interface NumberCell extends CellBasis, MeasuredValue {
  state: 'number'
  spread?: SpreadSource
  /** Share of u² that is the spread from unit to unit. */
  unitShare?: number
  remark?: string
  mark?: Mark
  /** Why no criterion judges it, although one judges its row. */
  unjudged?: string
}

export interface WordsCell extends CellBasis {
  state: 'words'
  text: string
  /** Answers by specimen, less those that say nothing of the filter. */
  answers: string[]
  mark?: Mark
}

export interface OpeningsCell extends CellBasis {
  state: 'openings'
  groups: OpeningGroup[]
}

/** What is known of a characteristic or figure of one column of a line-up. */
export type Cell =
  | NumberCell
  | WordsCell
  | OpeningsCell
  | { state: 'missing' }
  | { state: 'not-applicable'; reason: string }
  | { state: 'impossible'; message: string; specimen: string }

/**
 * Whether a cell holds something that can be compared.
 *
 * @example isKnown({ state: 'missing' }) // => false
 */
export const isKnown = (cell: Cell): cell is NumberCell | WordsCell | OpeningsCell =>
  cell.state === 'number' || cell.state === 'words' || cell.state === 'openings'

/**
 * Whether a cell rests on what was concluded from looks: it gets no mark and decides nothing alone.
 *
 * @example isInferred({ state: 'missing' }) // => false
 */
export const isInferred = (cell: Cell): boolean => isKnown(cell) && cell.evidence === 'inferred'

/**
 * Whether two known cells say the same: numbers that are tied, words that are equal, openings that do not differ in
 * what is known of both.
 *
 * @param among so many numbers of the row are compared with each other
 * @example areEquivalent({ state: 'missing' }, { state: 'missing' }) // => false
 */
export function areEquivalent(a: Cell, b: Cell, among = 2): boolean {
  if (a.state === 'number' && b.state === 'number') return areTied(a, b, among)
  if (a.state === 'words' && b.state === 'words') return a.text === b.text
  return a.state === 'openings' && b.state === 'openings' && mergeOpenings(a.groups, b.groups).agree
}
