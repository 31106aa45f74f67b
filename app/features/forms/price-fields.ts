import { z } from 'zod'
import { parseNumber } from '#core/quantity/number.ts'
import * as texts from '#app/texts/prices.ts'
import { rawInputOf } from './field-values.ts'
import {
  day,
  fieldIssue,
  filled,
  id,
  line,
  minorAmount,
  optionalCurrency,
  optionalLine,
  optionalMoney,
  optionalWhole,
} from './zod-fields.ts'

const shortText = z.string().trim().max(40, texts.thatIsTooLong).default('')

const discount = shortText.transform((text, context) => {
  if (text === '') return 0
  const parsed = parseNumber(text.replace(/\s*%$/, ''))
  if (parsed.ok && parsed.value >= 0 && parsed.value <= 90) return parsed.value / 100
  context.addIssue(texts.theDiscountIsAPercentageFrom)
  return z.NEVER
})

const priceText = z.object({
  id,
  shop: line(texts.theShop, 80),
  shopLeaves: z.enum(['yes', 'no'], { error: texts.sayWhetherTheShopIsNamed }).default('yes'),
  observedOn: day(texts.theDay),
  revisionId: z.union([id, z.literal('')]).default(''),
  amount: filled(optionalMoney(texts.thePrice), texts.writeThePrice),
  currency: optionalCurrency,
  packSize: optionalWhole(texts.filtersInAPack, 1, 1000),
  packContent: z.enum(['', 'same', 'differs'], { error: texts.sayWhatThePackHolds }).default(''),
  subscription: discount,
  order: optionalMoney(texts.freightForTheOrder),
  pack: optionalMoney(texts.freightForAPack),
  least: optionalMoney(texts.theLeastFreight),
  freeFrom: optionalMoney(texts.theWorthFromWhichFreightIs),
  extras: optionalLine(texts.theExtras, 80),
  extrasWorth: optionalMoney(texts.theWorthOfTheExtras),
})

/** Freight that is this many times the price of a pack was misread. Common practice, no published source. */
const absurdFreight = 50

type PriceText = z.output<typeof priceText>

/** What does not go together in a price, by field. */
function priceIssues(price: PriceText): Partial<Record<keyof PriceText, string>> {
  const charges = (price.order ?? 0) + (price.pack ?? 0) + (price.least ?? 0)
  const extras = (price.extrasWorth ?? 0) * (price.packSize ?? 1)
  const isFree = price.amount === 0
  return {
    ...(price.currency === undefined && { currency: texts.aPriceNeedsItsCurrency }),
    ...(isFree && { amount: texts.aFilterThatCostsNothingWas }),
    ...(price.freeFrom !== null &&
      charges === 0 && {
        freeFrom: texts.freightIsFreeFromThereOn,
      }),
    ...(!isFree &&
      charges > absurdFreight * price.amount && {
        order: texts.thatFreightIsMoreThanFifty,
      }),
    ...(extras > 0 && price.extras === '' && { extras: texts.sayWhatComesAlong }),
    ...(!isFree && extras >= price.amount && { extrasWorth: texts.whatComesAlongCannotBeWorth }),
  }
}

/** A price as a shop asks it; money in the smallest unit of its currency. */
export const priceSchema = priceText.transform((price, context) => {
  const issues = Object.entries(priceIssues(price))
  for (const [field, message] of issues) fieldIssue(context, field, message)
  const { currency } = price
  if (issues.length > 0 || currency === undefined) return z.NEVER
  const minor = (field: 'amount' | 'order' | 'pack' | 'least' | 'freeFrom' | 'extrasWorth'): number => {
    const amount = minorAmount(price[field] ?? 0, currency)
    if (amount.ok) return amount.value
    fieldIssue(context, field, amount.problem.message)
    return 0
  }
  return {
    id: price.id,
    shop: price.shop,
    isShopPrivate: price.shopLeaves === 'no' ? 1 : 0,
    observedOn: price.observedOn,
    revisionId: price.revisionId || null,
    currency,
    amountMinor: minor('amount'),
    packSize: price.packSize ?? 1,
    packContent: (price.packSize ?? 1) > 1 ? price.packContent : '',
    subscription: price.subscription,
    freight: {
      order: minor('order'),
      pack: minor('pack'),
      least: minor('least'),
      freeFrom: price.freeFrom === null ? null : minor('freeFrom'),
    },
    extras: price.extras,
    extrasMinor: minor('extrasWorth'),
  }
})

/** What was typed as a price. */
export const priceRawInput = (typed: Readonly<Record<string, unknown>>) =>
  rawInputOf(typed, ['amount', 'packSize', 'subscription', 'order', 'pack', 'least', 'freeFrom', 'extrasWorth'])

/** A rate of exchange with its day. */
export const rateSchema = z
  .object({
    id,
    base: optionalCurrency,
    quote: optionalCurrency,
    rate: shortText.transform((text, context) => {
      const parsed = parseNumber(text)
      if (parsed.ok && parsed.value > 0 && parsed.value < 100_000) return parsed.value
      context.addIssue(text === '' ? texts.writeTheRate : texts.isNoRateWrite117(text))
      return z.NEVER
    }),
    quotedOn: day(texts.theDay),
  })
  .transform(({ base, quote, ...rest }, context) => {
    if (base && quote && base !== quote) return { base, quote, ...rest }
    fieldIssue(context, 'rate', texts.aRateIsBetweenTwoCurrencies)
    return z.NEVER
  })
