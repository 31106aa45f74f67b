import { groupBy } from '#core/group-by.ts'

/** Filters that are to be bought, from the wish to the parcel. Days are ISO 8601. */
export interface Purchase {
  id: string
  productId: string
  count: number
  /** What it is bought for, in the buyer's words. */
  reason: string
  shop: string
  /** For one, in the smallest unit of the currency; null while it is not known. */
  priceMinor: number | null
  currency: string | null
  orderedOn: string | null
  expectedOn: string | null
  arrivedOn: string | null
}

/** How far a purchase is. */
export type PurchaseState = 'wanted' | 'ordered' | 'arrived'

/**
 * How far a purchase is.
 *
 * @example purchaseState({ orderedOn: '2026-11-20', arrivedOn: null }) // => 'ordered'
 */
export const purchaseState = ({ orderedOn, arrivedOn }: Pick<Purchase, 'orderedOn' | 'arrivedOn'>): PurchaseState =>
  arrivedOn ? 'arrived' : orderedOn ? 'ordered' : 'wanted'

/** What purchases come to. */
export interface PurchaseTotals {
  /** Of those with a price, in the smallest unit of each currency. */
  sums: { currency: string; minor: number }[]
  /** Filters of which no price is known. */
  unpriced: number
}

/**
 * What purchases come to, each currency for itself.
 *
 * @param purchases in any order
 * @example purchaseTotals([{ count: 2, priceMinor: 450, currency: 'EUR' }]).sums
 * // => [{ currency: 'EUR', minor: 900 }]
 */
export function purchaseTotals(
  purchases: readonly Pick<Purchase, 'count' | 'priceMinor' | 'currency'>[],
): PurchaseTotals {
  const priced = purchases.flatMap(({ count, priceMinor, currency }) =>
    priceMinor === null || currency === null ? [] : [{ currency, minor: count * priceMinor, count }],
  )
  const all = purchases.reduce((sum, { count }) => sum + count, 0)
  return {
    sums: [...groupBy(priced, ({ currency }) => currency)].map(([currency, own]) => ({
      currency,
      minor: own.reduce((sum, { minor }) => sum + minor, 0),
    })),
    unpriced: all - priced.reduce((sum, { count }) => sum + count, 0),
  }
}
