import {
  catalogueFor,
  characteristicOf,
  irreversibleSteps,
  type Characteristic,
  type FilterForm,
  type IrreversibleStepKey,
} from '#core/catalogue/index.ts'
import { irreversibleStepsBefore } from './progress.ts'
import { isRequested, type RecordingPlan } from './recording-plan.ts'
import type { ResolvedValues } from './resolve.ts'

/**
 * Points of no return that a specimen has passed: those that were noted, those that lie before what was read of it, and
 * all before the latest of them.
 *
 * @param form of the filter
 * @param noted points that were noted
 * @param recorded keys of the characteristics that were recorded
 * @example passedSteps('spin-on', [], ['media.length']) // => ['cut', 'apart', 'unfold']
 */
export function passedSteps(
  form: FilterForm,
  noted: readonly IrreversibleStepKey[],
  recorded: Iterable<string>,
): IrreversibleStepKey[] {
  const passed = new Set(noted)
  const reached = new Set([...recorded].map((key) => characteristicOf(key).station))
  for (const station of reached) for (const step of irreversibleStepsBefore(station, form)) passed.add(step)
  const own = irreversibleSteps.filter(({ forms }) => (forms as readonly FilterForm[]).includes(form))
  const last = own.findLastIndex(({ key }) => passed.has(key))
  return own.slice(0, last + 1).map(({ key }) => key)
}

/**
 * Whether a characteristic can still be recorded when points of no return have been passed.
 *
 * @example canBeRecorded(characteristicOf('can.wall'), ['cut']) // => true
 */
export const canBeRecorded = ({ lostAfter }: Characteristic, passed: readonly IrreversibleStepKey[]): boolean =>
  !passed.includes(lostAfter)

/**
 * What a specimen still lacks: what is lost for good, and what can still be taken of the parts as long as they are
 * kept.
 *
 * @param form of the filter
 * @param known what was recorded
 * @param passed points of no return that lie behind
 * @param plan what to record
 * @returns keys in the order of work
 * @example lackingAfter('spin-on', new Map(), ['cut']).lost.includes('whole.weight') // => true
 */
export function lackingAfter(
  form: FilterForm,
  known: ResolvedValues,
  passed: readonly IrreversibleStepKey[],
  plan: RecordingPlan = {},
): { lost: string[]; kept: string[] } {
  const lacking = catalogueFor(form).filter((one) => !known.has(one.key) && isRequested(one, known, plan))
  const keysOf = (can: boolean) => lacking.filter((one) => canBeRecorded(one, passed) === can).map(({ key }) => key)
  return { lost: keysOf(false), kept: keysOf(true) }
}
