import { optionsOf } from '#core/catalogue/index.ts'
import { displayUnit, formatValueNumber } from '#core/figures/format-value.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import { formatOpenings } from '#core/teardown/opening-groups.ts'
import type { KinValue } from './build-record.ts'
import type { KinFeature } from './kin-features.ts'

/**
 * What a filter is like in one thing, in words.
 *
 * @param system of units
 * @example
 * formatKinValue(kinFeatures.find(({ key }) => key === 'can.height'),
 *   { number: 0.0874, u: 0, degrees: 1, specimen: 's' }, 'metric') // => '87.4 mm'
 */
export function formatKinValue({ key, characteristic }: KinFeature, value: KinValue, system: UnitHabit): string {
  const aspect = key.split(':')[1]
  if ('answer' in value) {
    if (aspect === 'odd') return value.answer === 'yes' ? 'one is odd' : 'all alike'
    return optionsOf(characteristic).find((option) => option.value === value.answer)?.label ?? value.answer
  }
  if (aspect === 'count') return `${value.number} openings`
  if (aspect === 'size') return formatOpenings([{ width: value.number }], displayUnit(characteristic, system))
  return formatValueNumber(characteristic, value.number, system)
}

/**
 * How common it is, in words.
 *
 * @param share of filters; undefined for a size
 * @example formatShare(0.08) // => 'about 1 in 13'
 */
export function formatShare(share: number | undefined): string {
  if (share === undefined) return ''
  return share >= 0.6 ? 'most have it' : `about 1 in ${Math.max(2, Math.round(1 / share))}`
}
