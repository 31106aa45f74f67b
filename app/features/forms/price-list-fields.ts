import { z } from 'zod'
import type { Price } from '#core/money/landed.ts'
import type { ReadPrice } from '#core/money/read-prices.ts'
import { ok, problem, type Result } from '#core/result.ts'
import { newId } from '#app/data/id.ts'
import { day, id, minorAmount, optionalCurrency, optionalLine } from './zod-fields.ts'

export const longestPriceList = 20_000

/** Prices that were pasted at once: the text is read again where it is kept. */
export const priceListSchema = z.object({
  id,
  text: z
    .string({ error: 'The list is missing.' })
    .trim()
    .min(1, 'Paste or type the prices first.')
    .max(longestPriceList, `That is too long: at most ${longestPriceList} characters at once.`),
  shop: optionalLine('The shop', 80),
  observedOn: day('The day'),
  currency: optionalCurrency,
  /** The product that the list was opened for; empty for all of the line-up. */
  product: z.union([id, z.literal('')]).default(''),
})

interface Usual {
  shop: string
  currency: string
  observedOn: string
}

/** A price of a list as it is kept, with the shop and the currency of the list where its line names none. */
export function listedPrice(read: ReadPrice, productId: string, usual: Usual): Result<Price> {
  const currency = read.currency ?? usual.currency
  const shop = read.shop || usual.shop
  if (shop === '') return problem('shop', `"${read.words}" names no shop: write it there, or for the whole list.`)
  const [amount, order, freeFrom] = [read.amount, read.freight, read.freeFrom ?? 0].map((one) =>
    minorAmount(one, currency),
  ) as [Result<number>, Result<number>, Result<number>]
  if (!amount.ok) return problem('amount', `"${read.words}": ${amount.problem.message}`)
  if (!order.ok) return problem('amount', `"${read.words}": ${order.problem.message}`)
  if (!freeFrom.ok) return problem('amount', `"${read.words}": ${freeFrom.problem.message}`)
  return ok({
    id: newId(),
    productId,
    shop,
    currency,
    amountMinor: amount.value,
    packSize: read.packSize,
    subscription: read.subscription,
    freight: { order: order.value, pack: 0, least: 0, freeFrom: read.freeFrom === null ? null : freeFrom.value },
    extras: '',
    extrasMinor: 0,
    observedOn: usual.observedOn,
  })
}
