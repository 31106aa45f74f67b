import type { Interval } from '#core/quantity/interval.ts'
import { minorUnitDigits, toMajor } from '#core/money/currency.ts'
import { formatExactly } from '#core/quantity/format-exactly.ts'
import type { RawInput } from '#app/data/raw-input.ts'
import * as texts from '#app/texts/forms.ts'
import type { QuantityField } from './zod-fields.ts'

/** Values that a form starts with, by the name of the field. */
export type FieldValues = Record<string, string>

/** A quantity as its field writes it: read back, it is the very same value. */
export const quantityText = (si: number | null | undefined, { units }: Pick<QuantityField, 'units'>): string =>
  si === null || si === undefined ? '' : formatExactly(si, units)

/** An interval as its field writes it. */
export const intervalText = (interval: Interval | undefined): string =>
  [
    typeof interval?.distance === 'number' ? formatExactly(interval.distance, ['km', 'mi']) : '',
    typeof interval?.months === 'number' ? texts.months(interval.months) : '',
    typeof interval?.hours === 'number' ? `${interval.hours} h` : '',
  ]
    .filter(Boolean)
    .join(' or ')

/** An amount of money as its field writes it. */
export const moneyText = (minor: number | null, currency: string | null): string =>
  minor === null || currency === null ? '' : toMajor(minor, currency).toFixed(minorUnitDigits(currency))

/** What was typed into the named fields of a form, to be kept beside what it means. */
export const rawInputOf = (values: Readonly<Record<string, unknown>>, names: readonly string[]): RawInput =>
  Object.fromEntries(
    names.flatMap((name) => {
      const typed = values[name]
      return typeof typed === 'string' && typed.trim() !== '' ? [[name, typed.trim()]] : []
    }),
  )
