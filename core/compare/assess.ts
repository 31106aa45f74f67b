import type { Form } from '#core/catalogue/index.ts'
import type { Asks } from '#core/figures/asks.ts'
import { findFindings, type Finding } from '#core/figures/findings.ts'
import { computeFigures, type FigureResult } from '#core/figures/index.ts'
import { scoreOf, type Score } from '#core/score/score.ts'
import type { Instrument } from '#core/teardown/instrument.ts'
import type { Plan } from '#core/teardown/plan.ts'
import { completeness } from '#core/teardown/progress.ts'
import type { Reading } from '#core/teardown/reading.ts'
import { resolve, type Known } from '#core/teardown/resolve.ts'

/** All that follows from the readings of one specimen. */
export interface Assessment {
  known: Known
  figures: ReadonlyMap<string, FigureResult>
  score: Score
  /** Share of what is asked that is recorded, 0 to 1. */
  done: number
  /** What contradicts what. */
  findings: Finding[]
}

/** What is known beside the readings. */
export interface Circumstances {
  /** What the application asks. */
  asks?: Asks
  /** What is to be recorded of this specimen. */
  plan?: Plan
  /** The user's instruments by id. */
  instruments?: ReadonlyMap<string, Instrument>
}

/**
 * Resolves a specimen's readings, works out its figures and scores it.
 *
 * @example assess('spin-on', []).score.coverage // => 0
 */
export function assess(
  form: Form,
  readings: readonly Reading[],
  { asks = {}, plan = {}, instruments }: Circumstances = {},
): Assessment {
  const known = resolve(readings, instruments)
  const figures = computeFigures(form, known, asks)
  return {
    known,
    figures,
    score: scoreOf(form, known, figures),
    done: completeness(form, known, plan),
    findings: findFindings(form, known, figures, asks),
  }
}
