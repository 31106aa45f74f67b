import { z } from 'zod'
import { fitmentSources } from '#app/data/fitment-sources.ts'
import { id, keyOf, optionalLine } from './zod-fields.ts'

/** An engine that a product is said to fit, as it is sent. */
export const fitmentSchema = z.object({
  engine: id,
  source: keyOf(fitmentSources, 'Say how it is known that it fits.'),
  remarks: optionalLine('The remark', 200),
})

export const removedFitmentSchema = z.object({ engine: id })
