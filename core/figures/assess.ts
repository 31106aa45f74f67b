import type { FilterForm } from '#core/catalogue/index.ts'
import type { ApplicationRequirements } from './application-requirements.ts'
import { findFindings, type Finding } from './findings.ts'
import { computeFigures, type FigureResult } from './index.ts'
import type { Instrument } from '#core/teardown/instrument.ts'
import { completeness } from '#core/teardown/progress.ts'
import type { Reading } from '#core/teardown/reading.ts'
import type { RecordingPlan } from '#core/teardown/recording-plan.ts'
import { resolve, type ResolvedValues } from '#core/teardown/resolve.ts'

/** All that follows from the readings of one specimen, whatever the method by which it is judged. */
export interface Assessment {
  values: ResolvedValues
  figures: ReadonlyMap<string, FigureResult>
  /** Share of what is asked that is recorded, 0 to 1. */
  completeness: number
  /** What contradicts what. */
  findings: Finding[]
}

/** What is known beside the readings. */
export interface AssessmentContext {
  /** What the application asks. */
  requirements?: ApplicationRequirements
  /** What is to be recorded of this specimen. */
  plan?: RecordingPlan
  /** The user's instruments by id. */
  instruments?: ReadonlyMap<string, Instrument>
  /** By which the reviewer's own grades scatter when they are given again, in steps. */
  gradeDeviation?: number
}

/**
 * Resolves a specimen's readings and works out its figures, how complete it is, and what contradicts what.
 *
 * @param form of the filter
 * @param readings oldest first
 * @param context what is known beside them
 * @example assess('spin-on', []).completeness // => 0
 */
export function assess(
  form: FilterForm,
  readings: readonly Reading[],
  { requirements = {}, plan = {}, instruments, gradeDeviation }: AssessmentContext = {},
): Assessment {
  const values = resolve(readings, instruments, gradeDeviation)
  const figures = computeFigures(form, values, requirements)
  return {
    values,
    figures,
    completeness: completeness(form, values, plan),
    findings: findFindings(form, values, figures, requirements),
  }
}
