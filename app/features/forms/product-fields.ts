import { z } from 'zod'
import type { Product } from '#app/data/products.server.ts'
import * as texts from '#app/texts/products.ts'
import type { FieldValues } from './field-values.ts'
import { filterForms, tiers } from './labels.ts'
import { id, line, oneOf, optionalLine } from './zod-fields.ts'

/** A product: brand and part number, for one application. */
export const productSchema = z.object({
  id,
  brand: line(texts.theBrand, 80),
  partNumber: line(texts.thePartNumber, 60),
  form: oneOf(filterForms, texts.chooseSpinOnOrCartridge),
  tier: oneOf(tiers, texts.chooseATier),
  revision: optionalLine(texts.theRevision, 60),
  nickname: optionalLine(texts.theShortName, 24),
})

/** What the form of a product starts with. */
export const productValues = ({ brand, partNumber, form, tier, nickname }: Product): FieldValues => ({
  brand,
  partNumber,
  form,
  tier,
  nickname,
})

export const revisionSchema = z.object({ id, label: line(texts.theRevision, 60) })

/** Who made a revision, and how that is known; a guess is never said as a fact. */
export const makerSchema = z
  .object({
    intent: z.literal('maker'),
    id,
    maker: optionalLine(texts.theMaker, 80),
    makerEvidence: z.enum(['', 'printed', 'told', 'guessed'], { error: texts.sayHowItIsKnown }).default(''),
  })
  .refine(({ maker, makerEvidence }) => maker === '' || makerEvidence !== '', {
    path: ['makerEvidence'],
    message: texts.sayHowItIsKnownPrinted,
  })

export const brandSchema = z.object({ id, name: line(texts.theBrand, 80) })
