import { differenceFromSI, fromSI } from './convert.ts'
import { unitOf } from './units.ts'

const minus = '−'

/**
 * A number for the screen: no exponent, no trailing zeros, a true minus sign.
 *
 * @param number any finite number
 * @param digits significant digits to keep; as many as needed, at most 12, when left out
 * @example formatNumber(0.012345, 3) // => '0.0123'
 */
export function formatNumber(number: number, digits = 12): string {
  const rounded = Number(number.toPrecision(digits))
  const plain = String(rounded)
  const text = plain.includes('e') ? rounded.toFixed(12).replace(/\.?0+$/, '') : plain
  return text.replace('-', minus)
}

/**
 * A number with a fixed count of decimals, grouped by comma from ten thousand up.
 *
 * @example formatFixed(1336.04, 0) // => '1336'
 */
export function formatFixed(number: number, decimals: number): string {
  const text = number.toFixed(decimals)
  const grouped = Math.abs(number) >= 10_000 ? text.replace(/\B(?=(\d{3})+(?!\d))(?<!\.\d*)/g, ',') : text
  return (Number(text) === 0 ? grouped.replace('-', '') : grouped).replace('-', minus)
}

const plurals = new Intl.PluralRules('en')

/**
 * A count with its noun in the number that fits.
 *
 * @param count of things
 * @param one the noun for one
 * @param many the noun for more or none; with an s when left out
 * @example formatCount(1, 'reading') // => '1 reading'
 * @example formatCount(2, 'criterion', 'criteria') // => '2 criteria'
 */
export const formatCount = (count: number, one: string, many = `${one}s`): string =>
  `${formatFixed(count, 0)} ${plurals.select(count) === 'one' ? one : many}`

/**
 * A value in SI, written in a unit.
 *
 * @param si value in the SI unit of the dimension
 * @param symbol unit to show it in
 * @param decimals decimals to show; the unit's own habit when left out
 * @throws Error for an unknown symbol
 * @example formatQuantity(0.00049, 'mm') // => '0.49 mm'
 */
export function formatQuantity(si: number, symbol: string, decimals = unitOf(symbol).decimals): string {
  return withUnit(formatFixed(fromSI(si, symbol), decimals), symbol)
}

/**
 * A value with its expanded uncertainty, both in the same unit and with the decimals that the
 * uncertainty deserves: two significant digits of it, as GUM 7.2.6 advises.
 *
 * @param si value in SI
 * @param expanded half width of the 95 % interval in SI
 * @example formatUncertain(0.000495, 0.00002, 'mm') // => '0.495 ± 0.020 mm'
 */
export function formatUncertain(si: number, expanded: number, symbol: string): string {
  const spread = differenceFromSI(expanded, symbol)
  if (!(spread > 0)) return formatQuantity(si, symbol)
  const decimals = Math.min(6, Math.max(0, 1 - Math.floor(Math.log10(spread))))
  return withUnit(`${formatFixed(fromSI(si, symbol), decimals)} ± ${formatFixed(spread, decimals)}`, symbol)
}

const withUnit = (figure: string, symbol: string): string => `${figure} ${symbol.replace('Δ', '')}`.trim()
