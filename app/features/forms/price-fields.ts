import { z } from 'zod'
import { parseNumber } from '#core/quantity/number.ts'
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

const shortText = z.string().trim().max(40, 'That is too long.').default('')

const discount = shortText.transform((text, context) => {
  if (text === '') return 0
  const parsed = parseNumber(text.replace(/\s*%$/, ''))
  if (parsed.ok && parsed.value >= 0 && parsed.value <= 90) return parsed.value / 100
  context.addIssue('The discount is a percentage from 0 to 90.')
  return z.NEVER
})

const priceText = z.object({
  id,
  shop: line('The shop', 80),
  shopLeaves: z.enum(['yes', 'no'], { error: 'Say whether the shop is named.' }).default('yes'),
  observedOn: day('The day'),
  revisionId: z.union([id, z.literal('')]).default(''),
  amount: filled(optionalMoney('The price'), 'Write the price.'),
  currency: optionalCurrency,
  packSize: optionalWhole('Filters in a pack', 1, 1000),
  packContent: z.enum(['', 'same', 'differs'], { error: 'Say what the pack holds.' }).default(''),
  subscription: discount,
  order: optionalMoney('Freight for the order'),
  pack: optionalMoney('Freight for a pack'),
  least: optionalMoney('The least freight'),
  freeFrom: optionalMoney('The worth from which freight is free'),
  extras: optionalLine('The extras', 80),
  extrasWorth: optionalMoney('The worth of the extras'),
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
    ...(price.currency === undefined && { currency: 'A price needs its currency.' }),
    ...(isFree && { amount: 'A filter that costs nothing was given: say so at its specimen.' }),
    ...(price.freeFrom !== null &&
      charges === 0 && {
        freeFrom:
          'Freight is free from there on, but no freight is charged below. Write what it costs, or leave this empty.',
      }),
    ...(!isFree &&
      charges > absurdFreight * price.amount && {
        order: 'That freight is more than fifty packs cost. Read it again.',
      }),
    ...(extras > 0 && price.extras === '' && { extras: 'Say what comes along.' }),
    ...(!isFree && extras >= price.amount && { extrasWorth: 'What comes along cannot be worth as much as the pack.' }),
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
      context.addIssue(text === '' ? 'Write the rate.' : `"${text}" is no rate. Write 1.17.`)
      return z.NEVER
    }),
    quotedOn: day('The day'),
  })
  .transform(({ base, quote, ...rest }, context) => {
    if (base && quote && base !== quote) return { base, quote, ...rest }
    fieldIssue(context, 'rate', 'A rate is between two currencies.')
    return z.NEVER
  })
