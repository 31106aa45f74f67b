import { z } from 'zod'
import type { Price } from '#core/money/landed.ts'
import type { ReadPrice } from '#core/money/read-prices.ts'
import { ok, problem, type Result } from '#core/result.ts'
import { newId } from '#app/data/id.ts'
import * as texts from '#app/texts/prices.ts'
import { priceSchema } from './price-fields.ts'
import { day, id, optionalCurrency, optionalLine } from './zod-fields.ts'

export const longestPriceList = 20_000

/** Prices that were pasted at once: the text is read again where it is kept. */
export const priceListSchema = z.object({
  id,
  text: z
    .string({ error: texts.theListIsMissing })
    .trim()
    .min(1, texts.pasteOrTypeThePricesFirst)
    .max(longestPriceList, texts.thatIsTooLongAtMost(longestPriceList)),
  shop: optionalLine(texts.theShop, 80),
  observedOn: day(texts.theDay),
  currency: optionalCurrency,
  /** The product that the list was opened for; empty for all of the line-up. */
  product: z.union([id, z.literal('')]).default(''),
})

interface Usual {
  shop: string
  currency: string
  observedOn: string
}

/**
 * A price of a list as it is kept, with the shop and the currency of the list where its line names none. It has to get
 * past what the form of a price asks.
 */
export function listedPrice(
  read: ReadPrice,
  { productId, revisionId }: { productId: string; revisionId: string },
  usual: Usual,
): Result<Price> {
  const shop = read.shop || usual.shop
  if (shop === '') return problem('shop', texts.namesNoShopWriteItThere(read.words))
  const parsed = priceSchema.safeParse({
    id: newId(),
    shop,
    observedOn: usual.observedOn,
    revisionId,
    currency: read.currency ?? usual.currency,
    amount: String(read.amount),
    packSize: String(read.packSize),
    subscription: String(read.subscription * 100),
    order: String(read.freight),
    freeFrom: read.freeFrom === null ? '' : String(read.freeFrom),
  })
  if (parsed.success) return ok({ ...parsed.data, productId })
  return problem('price', `"${read.words}": ${parsed.error.issues[0]?.message ?? texts.itCannotBeKeptSo}`)
}
