import { z } from 'zod'
import { specimenConditions } from '#core/teardown/specimen-condition.ts'
import type { Specimen, SpecimenFields } from '#app/data/specimens.server.ts'
import * as texts from '#app/texts/specimen.ts'
import { intervalText, moneyText, rawInputOf, type FieldValues } from './field-values.ts'
import {
  fieldIssue,
  id,
  keyOf,
  line,
  minorAmount,
  oneOf,
  optionalCurrency,
  optionalInterval,
  optionalLine,
  optionalMoney,
} from './zod-fields.ts'

/** A specimen: the one unit on the bench, and how it was got. */
export const specimenSchema = z
  .object({
    id,
    revisionId: id,
    label: line(texts.theLabel, 20),
    acquisition: oneOf(['bought', 'given', 'lent'], texts.sayHowItWasGotViewers),
    givenBy: optionalLine(texts.theGiver, 80),
    price: optionalMoney(texts.aPrice),
    currency: optionalCurrency,
    shop: optionalLine(texts.theShop, 80),
    condition: keyOf(specimenConditions, texts.sayWhatStateItIsIn).default('new'),
    service: optionalInterval(texts.howLong),
  })
  .transform(({ price, currency, service: said, ...typed }, context) => {
    const onLoan = Number(typed.acquisition === 'lent')
    const acquisition: 'bought' | 'given' = typed.acquisition === 'bought' ? 'bought' : 'given'
    const rest = { ...typed, acquisition, onLoan, service: typed.condition === 'new' ? null : said }
    if (acquisition === 'given' && rest.givenBy === '') fieldIssue(context, 'givenBy', texts.sayWhoGaveItOrLent)
    if (price === null) return { ...rest, paidMinor: null, currency: null }
    if (currency === undefined) {
      fieldIssue(context, 'currency', texts.aPriceNeedsItsCurrency)
      return z.NEVER
    }
    const minor = minorAmount(price, currency)
    if (minor.ok) return { ...rest, paidMinor: minor.value, currency }
    fieldIssue(context, 'price', minor.problem.message)
    return z.NEVER
  })

/** A specimen as it is kept, with what was typed. */
export const specimenFields = (
  fields: z.output<typeof specimenSchema>,
  typed: Readonly<Record<string, unknown>>,
): SpecimenFields => ({ ...fields, rawInput: rawInputOf(typed, fields.service ? ['price', 'service'] : ['price']) })

/** What the form of a specimen starts with. */
export const specimenValues = (specimen: Specimen): FieldValues => ({
  revisionId: specimen.revisionId,
  label: specimen.label,
  acquisition: specimen.onLoan ? 'lent' : specimen.acquisition,
  givenBy: specimen.givenBy,
  price: moneyText(specimen.paidMinor, specimen.currency),
  currency: specimen.currency ?? '',
  shop: specimen.shop,
  condition: specimen.condition,
  service: intervalText(specimen.service ?? undefined),
  ...specimen.rawInput,
})
