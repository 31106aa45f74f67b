import type { Characteristic, Form } from '#core/catalogue/index.ts'
import { catalogueFor } from '#core/catalogue/index.ts'
import type { Known } from './resolve.ts'

/**
 * What to record of one specimen where it departs from the catalogue: true asks for a characteristic
 * that would not be asked for, false leaves one out.
 */
export type Plan = Readonly<Record<string, boolean>>

/**
 * Why a characteristic does not apply to a specimen.
 *
 * @returns undefined when it applies
 * @example whyNot(characteristicOf('bypass.weight'), withNoBypass) // => 'there is no bypass valve in this filter'
 */
export function whyNot(characteristic: Characteristic, known: Known): string | undefined {
  return characteristic.unless?.find(({ key, is }) => is.includes(known.get(key)?.text ?? ''))?.reason
}

/**
 * Whether a characteristic is asked for: as the plan says, else unless it is an extra or does not apply.
 *
 * @example isAsked(characteristicOf('bypass.push'), new Map(), { 'bypass.push': true }) // => true
 */
export const isAsked = (characteristic: Characteristic, known: Known, plan: Plan): boolean =>
  plan[characteristic.key] ?? (!characteristic.extra && !whyNot(characteristic, known))

/**
 * The plan under which exactly that is asked for which was recorded of another specimen: what to record
 * is copied, never the values.
 *
 * @param keys of the characteristics that were recorded there
 * @example planLike('spin-on', new Set(['can.wall', 'bypass.push']))['bypass.push'] // => true
 */
export function planLike(form: Form, keys: ReadonlySet<string>): Plan {
  const departs = catalogueFor(form).filter((c) => keys.has(c.key) === !!c.extra)
  return Object.fromEntries(departs.map((c) => [c.key, keys.has(c.key)]))
}
