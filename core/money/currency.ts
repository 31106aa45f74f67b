/** Currencies that prices are kept in, by their code. Source: ISO 4217. */
export const currencies = [
  'EUR',
  'GBP',
  'USD',
  'CAD',
  'AUD',
  'NZD',
  'CHF',
  'SEK',
  'NOK',
  'DKK',
  'PLN',
  'ISK',
  'ZAR',
  'INR',
  'JPY',
] as const

const digits = new Map<string, number>()

/**
 * Decimals of a currency: two for most, none for the yen and the Icelandic króna.
 *
 * Source: ISO 4217, as the ECMAScript Internationalization API has it.
 *
 * @param currency three letters
 * @throws RangeError for what is no code of a currency
 * @example minorUnitDigits('JPY') // => 0
 */
export function minorUnitDigits(currency: string): number {
  let known = digits.get(currency)
  if (known === undefined) {
    known = new Intl.NumberFormat('en', { style: 'currency', currency }).resolvedOptions().maximumFractionDigits ?? 2
    digits.set(currency, known)
  }
  return known
}

/**
 * An amount in the smallest unit of its currency, in the currency's own unit.
 *
 * @param minor such as cents
 * @param currency three letters
 * @example toMajor(1290, 'EUR') // => 12.9
 * @example toMajor(1290, 'JPY') // => 1290
 */
export const toMajor = (minor: number, currency: string): number => minor / 10 ** minorUnitDigits(currency)

/**
 * An amount of a currency in its smallest unit, not rounded.
 *
 * @param major in the currency's own unit
 * @param currency three letters
 * @example toMinor(12.9, 'EUR') // => 1290
 */
export const toMinor = (major: number, currency: string): number => major * 10 ** minorUnitDigits(currency)

/**
 * An amount of money as it is written.
 *
 * @param minor in the smallest unit of the currency
 * @param currency three letters
 * @example formatMoney(1290, 'EUR') // => '12.90 EUR'
 * @example formatMoney(1290, 'ISK') // => '1290 ISK'
 */
export const formatMoney = (minor: number, currency: string): string => `${formatAmount(minor, currency)} ${currency}`

/**
 * An amount of money where its currency stands elsewhere, as over a column.
 *
 * @param minor in the smallest unit of the currency
 * @param currency three letters
 * @example formatAmount(1290, 'EUR') // => '12.90'
 */
export const formatAmount = (minor: number, currency: string): string =>
  toMajor(minor, currency).toFixed(minorUnitDigits(currency))
