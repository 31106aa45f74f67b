import { z } from 'zod'
import type { Specimen, SpecimenFields } from '#app/data/specimens.server.ts'
import { moneyText, rawInputOf, type FieldValues } from './field-values.ts'
import {
  fieldIssue,
  id,
  line,
  minorAmount,
  oneOf,
  optionalCurrency,
  optionalLine,
  optionalMoney,
} from './zod-fields.ts'

/** A specimen: the one unit on the bench, and how it was got. */
export const specimenSchema = z
  .object({
    id,
    revisionId: id,
    label: line('The label', 20),
    acquisition: oneOf(['bought', 'given'], 'Say how it was got: viewers are told.'),
    givenBy: optionalLine('The giver', 80),
    price: optionalMoney('A price'),
    currency: optionalCurrency,
    shop: optionalLine('The shop', 80),
  })
  .transform(({ price, currency, ...rest }, context) => {
    if (rest.acquisition === 'given' && rest.givenBy === '')
      fieldIssue(context, 'givenBy', 'Say who gave it: a given sample must be disclosed.')
    if (price === null) return { ...rest, paidMinor: null, currency: null }
    if (currency === undefined) {
      fieldIssue(context, 'currency', 'A price needs its currency.')
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
): SpecimenFields => ({ ...fields, rawInput: rawInputOf(typed, ['price']) })

/** What the form of a specimen starts with. */
export const specimenValues = (specimen: Specimen): FieldValues => ({
  revisionId: specimen.revisionId,
  label: specimen.label,
  acquisition: specimen.acquisition,
  givenBy: specimen.givenBy,
  price: moneyText(specimen.paidMinor, specimen.currency),
  currency: specimen.currency ?? '',
  shop: specimen.shop,
  ...specimen.rawInput,
})
