import type { Characteristic, FilterForm } from '#core/catalogue/index.ts'
import { catalogueFor } from '#core/catalogue/index.ts'
import type { ResolvedValues } from './resolve.ts'

/**
 * What to record of one specimen where it departs from the catalogue: true asks for a characteristic
 * that would not be asked for, false leaves one out.
 */
export type RecordingPlan = Readonly<Record<string, boolean>>

/**
 * Why a characteristic does not apply to a specimen.
 *
 * @returns undefined when it applies
 * @example notApplicableReason(characteristicOf('bypass.weight'), known({ 'bypass.place': 'none' }))
 * // => 'there is no bypass valve in this filter'
 */
export function notApplicableReason(
  characteristic: Characteristic,
  known: Pick<ResolvedValues, 'get'>,
): string | undefined {
  return characteristic.notApplicableWhen?.find(({ key, values }) => values.includes(known.get(key)?.text ?? ''))
    ?.reason
}

/**
 * Whether a characteristic is asked for: as the plan says, else unless it is an extra or does not apply.
 *
 * @example isRequested(characteristicOf('bypass.push'), new Map(), { 'bypass.push': true }) // => true
 */
export const isRequested = (characteristic: Characteristic, known: ResolvedValues, plan: RecordingPlan): boolean =>
  plan[characteristic.key] ?? (!characteristic.extra && !notApplicableReason(characteristic, known))

/**
 * The plan under which exactly that is asked for which was recorded of another specimen: what to record
 * is copied, never the values.
 *
 * @param keys of the characteristics that were recorded there
 * @example planFromRecorded('spin-on', new Set(['can.wall', 'bypass.push']))['bypass.push'] // => true
 */
export function planFromRecorded(form: FilterForm, keys: ReadonlySet<string>): RecordingPlan {
  const departs = catalogueFor(form).filter((c) => keys.has(c.key) === !!c.extra)
  return Object.fromEntries(departs.map((c) => [c.key, keys.has(c.key)]))
}
