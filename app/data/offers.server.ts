import { ofRevision } from '#core/claims/standing.ts'
import { groupBy } from '#core/group-by.ts'
import { toMajor, toMinor } from '#core/money/currency.ts'
import { landedPrice, priceAge, pricesInForce, staleAfter, type LandedPrice, type Price } from '#core/money/landed.ts'
import { findRate } from '#core/money/rates.ts'
import * as texts from '#app/texts/money.ts'
import type { AssessedSpecimen } from './assessments.server.ts'
import { listPrices, listRates } from './prices.server.ts'

/** What one filter costs where it is cheapest to this buyer. */
export interface Offer {
  price: Price
  landed: LandedPrice
  /** Landed unit price in the currency of the page, in its smallest unit. */
  unit: number
  /** Rate it was converted at; 1 for none. */
  rate: number
  rateQuotedOn: string
  age: number
  stale: boolean
  /** What was paid in a shop says nothing of freight. */
  freightKnown: boolean
}

/** Where one product is cheapest to a buyer, and the currencies that cannot be converted for want of a rate. */
export interface ProductOffer {
  offer: Offer | undefined
  unconverted: string[]
}

/** Start of the id of a price that was paid for a specimen. */
const paid = 'paid-'

const noFreight = { order: 0, pack: 0, least: 0, freeFrom: null }

/** What was paid for specimens, as prices of their shops. */
const paidPrices = (assessed: readonly AssessedSpecimen[]): Price[] =>
  assessed.flatMap(({ specimen: { id, productId, revisionId, shop, paidMinor, currency, createdAt } }) =>
    !paidMinor || currency === null
      ? []
      : [
          {
            id: `${paid}${id}`,
            productId,
            revisionId,
            shop: shop || texts.shopNotNamed,
            currency,
            amountMinor: paidMinor,
            packSize: 1,
            subscription: 0,
            freight: noFreight,
            extras: '',
            extrasMinor: 0,
            observedOn: createdAt.slice(0, 10),
          },
        ],
  )

/** The cheapest offer of each revision of an application, fresh prices before stale ones, in one currency. */
export async function offersOf(
  applicationId: string,
  assessed: readonly AssessedSpecimen[],
  wanted: number,
  asked: string | undefined,
  today: string,
): Promise<{ currency: string; offerOf: (productId: string, revisionId: string) => ProductOffer }> {
  const [observed, rates] = await Promise.all([listPrices(applicationId), listRates(applicationId)])
  const prices = [...observed, ...paidPrices(assessed)]
  const currency = asked ?? mostUsed(prices.map((price) => price.currency)) ?? 'EUR'
  const offerOf = (productId: string, revisionId: string): ProductOffer => {
    const own = prices.filter((price) => price.productId === productId)
    const inForce = pricesInForce(ofRevision(own, revisionId))
    const quoted = inForce.map((price) => ({ price, rate: findRate(rates, price.currency, currency) }))
    const [offer] = quoted
      .flatMap(({ price, rate }): Offer[] => {
        if (!rate) return []
        const landed = landedPrice(price, wanted)
        const age = priceAge(price, today)
        const unit = toMinor(toMajor(landed.unit, price.currency) * rate.rate, currency)
        return [
          {
            price,
            landed,
            unit,
            rate: rate.rate,
            rateQuotedOn: rate.quotedOn,
            age,
            stale: age > staleAfter,
            freightKnown: !price.id.startsWith(paid),
          },
        ]
      })
      .sort((a, b) => Number(a.stale) - Number(b.stale) || a.unit - b.unit)
    return { offer, unconverted: quoted.flatMap(({ price, rate }) => (rate ? [] : [price.currency])) }
  }
  return { currency, offerOf }
}

const mostUsed = (words: string[]): string | undefined =>
  [...groupBy(words, (word) => word)].sort(([, a], [, b]) => b.length - a.length)[0]?.[0]
