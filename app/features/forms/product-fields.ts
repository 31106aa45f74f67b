import { z } from 'zod'
import type { Product } from '#app/data/products.server.ts'
import type { FieldValues } from './field-values.ts'
import { filterForms, tiers } from './labels.ts'
import { id, line, oneOf, optionalLine } from './zod-fields.ts'

/** A product: brand and part number, for one application. */
export const productSchema = z.object({
  id,
  brand: line('The brand', 80),
  partNumber: line('The part number', 60),
  form: oneOf(filterForms, 'Choose spin-on or cartridge.'),
  tier: oneOf(tiers, 'Choose a tier.'),
  revision: optionalLine('The revision', 60),
  nickname: optionalLine('The short name', 24),
})

/** What the form of a product starts with. */
export const productValues = ({ brand, partNumber, form, tier, nickname }: Product): FieldValues => ({
  brand,
  partNumber,
  form,
  tier,
  nickname,
})

export const revisionSchema = z.object({ id, label: line('The revision', 60) })

/** Who made a revision, and how that is known; a guess is never said as a fact. */
export const makerSchema = z
  .object({
    intent: z.literal('maker'),
    id,
    maker: optionalLine('The maker', 80),
    makerEvidence: z.enum(['', 'printed', 'told', 'guessed'], { error: 'Say how it is known.' }).default(''),
  })
  .refine(({ maker, makerEvidence }) => maker === '' || makerEvidence !== '', {
    path: ['makerEvidence'],
    message: 'Say how it is known: printed, told or guessed.',
  })

export const brandSchema = z.object({ id, name: line('The brand', 80) })
