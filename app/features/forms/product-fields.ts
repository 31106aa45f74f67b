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
})

/** What the form of a product starts with. */
export const productValues = ({ brand, partNumber, form, tier }: Product): FieldValues => ({
  brand,
  partNumber,
  form,
  tier,
})

export const revisionSchema = z.object({ id, label: line('The revision', 60) })

export const brandSchema = z.object({ id, name: line('The brand', 80) })
