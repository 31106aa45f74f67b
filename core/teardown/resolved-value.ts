import type { Evidence } from '#core/catalogue/index.ts'
import type { Uncertain } from '#core/quantity/uncertain.ts'
import type { End } from './end.ts'
import type { OpeningGroup } from './opening-groups.ts'
import type { Reading } from './reading.ts'

/** What a characteristic of one specimen is, worked out from its readings. */
export interface ResolvedValue {
  key: string
  specimenId: string
  evidence: Evidence
  /** Quantities, counts and grades. */
  number?: Uncertain
  /** Answers, designations and words. */
  text?: string
  /** The end that decides, where the two differ. */
  end?: End
  openings?: ResolvedOpenings
  /** Readings the value rests on, oldest first. */
  readings: Reading[]
  /** Ids among them that stand apart from the rest. */
  outliers: string[]
  /** Repeats do not agree about something that cannot be averaged. */
  disagree: boolean
  /** Sample standard deviation of the repeats, SI, from two up. */
  spread?: number
  /** Share of the uncertainty that one more repeat would take away, 0 to 1; from two repeats up. */
  reductionByAnother?: number
}

/** Groups of openings, with what one size is uncertain by of its own and what all share. */
export interface ResolvedOpenings {
  groups: OpeningGroup[]
  standardUncertainty: number
  /** Nought, with the uncertainty of the instrument that all sizes were read with. */
  instrumentError: Uncertain
}

export type ResolvedValues = ReadonlyMap<string, ResolvedValue>

/** What the readings of one characteristic come to. */
export type Resolution = Pick<ResolvedValue, 'number' | 'text' | 'openings' | 'end'> &
  Partial<Pick<ResolvedValue, 'outliers' | 'disagree' | 'spread' | 'reductionByAnother'>>
