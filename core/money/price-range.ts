import { groupBy } from '#core/group-by.ts'
import { toMajor } from './currency.ts'
import { pricesInForce, priceAge, staleAfter, type Price } from './landed.ts'

/** What shops ask for one filter, in major units of one currency. */
export interface PriceRange {
  currency: string
  low: number
  high: number
  /** Shops that ask it. */
  count: number
}

/**
 * What shops ask for one filter, without freight: in the currency that most ask in, of prices that are not stale.
 *
 * @param prices of one product
 * @param today day, ISO 8601
 * @returns undefined where there is none
 * @example priceRange([], '2026-11-27') // => undefined
 */
export function priceRange(prices: readonly Price[], today: string): PriceRange | undefined {
  const fresh = pricesInForce(prices).filter((price) => priceAge(price, today) <= staleAfter)
  const [most] = [...groupBy(fresh, ({ currency }) => currency)].sort(([, a], [, b]) => b.length - a.length)
  if (!most) return undefined
  const [currency, own] = most
  const each = own.map(({ amountMinor, packSize }) => toMajor(Math.round(amountMinor / packSize), currency))
  return { currency, low: Math.min(...each), high: Math.max(...each), count: own.length }
}
