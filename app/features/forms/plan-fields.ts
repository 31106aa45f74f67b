import { z } from 'zod'
import type { StoredPurchase } from '#app/data/purchases.server.ts'
import * as texts from '#app/texts/plan.ts'
import { moneyText, rawInputOf, type FieldValues } from './field-values.ts'
import {
  anyDay,
  fieldIssue,
  filled,
  id,
  jsonText,
  line,
  minorAmount,
  optionalCurrency,
  optionalDay,
  optionalLine,
  optionalMoney,
  optionalWhole,
} from './zod-fields.ts'

const count = filled(optionalWhole(texts.howMany, 1, 99), texts.sayHowMany)

const reason = optionalLine(texts.theReason, 160)

/** A wish: which filter, how many and what for. */
export const wishSchema = z.object({
  id,
  intent: z.literal('wish'),
  filter: line(texts.theFilter, 160),
  count,
  reason,
})

/** What is proposed to be bought together. */
export const wishesSchema = z.object({
  id: id.max(20),
  intent: z.literal('wishes'),
  wishes: jsonText(2000).pipe(
    z
      .array(z.object({ productId: id, count: z.int().min(1).max(99) }), texts.loadThePageAgain)
      .min(1)
      .max(9),
  ),
  reason,
})

/** A purchase, from the wish to the parcel. */
export const purchaseSchema = z
  .object({
    id,
    count,
    reason,
    shop: optionalLine(texts.theShop, 80),
    price: optionalMoney(texts.thePrice),
    currency: optionalCurrency,
    orderedOn: optionalDay(texts.theDayOfTheOrder),
    expectedOn: optionalDay(texts.theDayItIsExpected, 'ahead'),
  })
  .transform(({ price, currency, ...typed }, context) => {
    const { orderedOn, expectedOn } = typed
    if (expectedOn && !orderedOn) fieldIssue(context, 'orderedOn', texts.sayWhenItWasOrdered)
    if (orderedOn && expectedOn && expectedOn < orderedOn)
      fieldIssue(context, 'expectedOn', texts.itCannotArriveBeforeItWas)
    if (price === null) return { ...typed, priceMinor: null, currency: null }
    if (currency === undefined) {
      fieldIssue(context, 'currency', texts.aPriceNeedsItsCurrency)
      return z.NEVER
    }
    const minor = minorAmount(price, currency)
    if (minor.ok) return { ...typed, priceMinor: minor.value, currency }
    fieldIssue(context, 'price', minor.problem.message)
    return z.NEVER
  })

/** A purchase as it is kept, with what was typed. */
export const purchaseFields = (fields: z.output<typeof purchaseSchema>, typed: Readonly<Record<string, unknown>>) => ({
  ...fields,
  rawInput: rawInputOf(typed, ['count', 'price']),
})

/** What the form of a purchase starts with. */
export const purchaseValues = (purchase: StoredPurchase): FieldValues => ({
  count: String(purchase.count),
  reason: purchase.reason,
  shop: purchase.shop,
  price: moneyText(purchase.priceMinor, purchase.currency),
  currency: purchase.currency ?? '',
  orderedOn: purchase.orderedOn ?? '',
  expectedOn: purchase.expectedOn ?? '',
  ...purchase.rawInput,
})

/** What is meant to be done on a day. */
export const plannedDaySchema = z.object({
  id,
  intent: z.literal('day'),
  day: anyDay(texts.theDay),
  words: line(texts.whatIsToBeDone, 120),
  applicationId: z.union([id, z.literal('')]).default(''),
})
