/**
 * An amount of money as it is written: hundredths of the currency's unit.
 *
 * @example sayMoney(1290, 'EUR') // => '12.90 EUR'
 */
export const sayMoney = (minor: number, currency: string | null): string =>
  `${(minor / 100).toFixed(2)} ${currency ?? ''}`.trim()
