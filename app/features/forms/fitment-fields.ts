import { z } from 'zod'
import { fitmentSources } from '#app/data/fitment-sources.ts'
import * as texts from '#app/texts/products.ts'
import { id, keyOf, optionalLine } from './zod-fields.ts'

/** An engine that a product is said to fit, as it is sent. */
export const fitmentSchema = z.object({
  engine: id,
  source: keyOf(fitmentSources, texts.sayHowItIsKnownThat),
  remarks: optionalLine(texts.theRemark, 200),
})

export const removedFitmentSchema = z.object({ engine: id })
