import { daysBetween } from '#core/calendar.ts'

/** What a shop adds for bringing an order; all in the smallest unit of the currency. */
export interface Freight {
  /** For the order, whatever its size. */
  order: number
  /** For each pack besides. */
  pack: number
  /** The least that is charged when anything is. */
  least: number
  /** Goods for so much come free; null when they never do. */
  freeFrom: number | null
}

/** What a pack holds beside the single box: number and insides the same, another filter, or not said. */
type PackContent = '' | 'same' | 'differs'

/** A price as a shop asks it. Money in the smallest unit of the currency. */
export interface Price {
  id: string
  productId: string
  /** The revision that is sold so; null, or not there, when it is of all. */
  revisionId?: string | null
  shop: string
  /** 1 where the shop is not named in what leaves. */
  isShopPrivate?: number
  currency: string
  /** For one pack. */
  amountMinor: number
  /** Filters in a pack. */
  packSize: number
  /** Whether a pack holds the same filter as the single box; empty, or not there, where nobody has said. */
  packContent?: PackContent
  /** Share taken off for a subscription, 0 to 1. */
  subscription: number
  freight: Freight
  /** What comes along with each filter, such as a washer, and what it would cost alone. */
  extras: string
  extrasMinor: number
  /** Day, ISO 8601. */
  observedOn: string
}

/**
 * The shop of a price as what leaves names it.
 *
 * @example shopToTell({ shop: 'Quay Store', isShopPrivate: 1 }) // => 'a shop that is not named'
 */
export const shopToTell = ({ shop, isShopPrivate }: Pick<Price, 'shop' | 'isShopPrivate'>): string =>
  isShopPrivate === 1 ? 'a shop that is not named' : shop

export interface LandedPrice {
  packs: number
  /** Filters got; more than asked for when packs do not divide. */
  filters: number
  goods: number
  freight: number
  /** Worth of the extras of all filters. */
  extras: number
  /** For one filter, freight in and extras off. */
  unit: number
}

/**
 * Landed price of one filter when so many are bought: whole packs, subscription off, freight in by the shop's
 * rule, what comes along taken off at its worth.
 *
 * Freight is the order's charge and that of each pack, at least the least, and nothing from `freeFrom` up.
 *
 * Source: plain arithmetic.
 *
 * @param wanted filters, a whole number from 1 up
 * @returns smallest units of the currency, not rounded
 * @throws RangeError for fewer than one filter
 * @example landedPrice({ amountMinor: 800, packSize: 1, subscription: 0, extrasMinor: 0,
 *   freight: { order: 490, pack: 0, least: 0, freeFrom: 5000 } }, 2).unit // => 1045
 */
export function landedPrice(
  {
    amountMinor,
    packSize,
    subscription,
    freight,
    extrasMinor,
  }: Pick<Price, 'amountMinor' | 'packSize' | 'subscription' | 'freight' | 'extrasMinor'>,
  wanted: number,
): LandedPrice {
  if (!(wanted >= 1)) throw new RangeError(`At least one filter is bought, got ${wanted}`)
  const packs = Math.ceil(wanted / packSize)
  const filters = packs * packSize
  const goods = packs * amountMinor * (1 - subscription)
  const free = freight.freeFrom !== null && goods >= freight.freeFrom
  const charged = freight.order + packs * freight.pack
  const brought = free || charged + freight.least === 0 ? 0 : Math.max(charged, freight.least)
  const extras = filters * extrasMinor
  return { packs, filters, goods, freight: brought, extras, unit: (goods + brought - extras) / filters }
}

/** A price older than this many days is stale. Common practice, no published source. */
export const staleAfter = 180

/**
 * Days since a price was read.
 *
 * @param today day, ISO 8601
 * @example priceAge({ observedOn: '2026-01-01' }, '2026-01-31') // => 30
 */
export const priceAge = ({ observedOn }: Pick<Price, 'observedOn'>, today: string): number =>
  daysBetween(observedOn, today)

/** Price history to prices in force: the latest of each shop and pack. */
export function pricesInForce(prices: readonly Price[]): Price[] {
  const latest = new Map<string, Price>()
  // A pack that holds another filter is no price of this one.
  const own = prices.filter(({ packContent }) => packContent !== 'differs')
  for (const price of [...own].sort((a, b) => a.observedOn.localeCompare(b.observedOn)))
    latest.set(`${price.shop.toLowerCase()} ${price.packSize}`, price)
  return [...latest.values()]
}
