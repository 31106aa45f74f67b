import { characteristicOf } from '#core/catalogue/index.ts'
import { formatValue, formatValueWithUncertainty } from '#core/figures/format-value.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import type { ResolvedValueView } from '#app/data/view-models.ts'

/** A resolved value in words, with its uncertainty where it has one. */
export function formatResolvedValue({ key, number, text, groups }: ResolvedValueView, system: UnitHabit): string {
  const characteristic = characteristicOf(key)
  return number
    ? formatValueWithUncertainty(characteristic, number.value, number.halfWidth, system)
    : formatValue(characteristic, { text, groups }, system)
}
