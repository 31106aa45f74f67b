import { z } from 'zod'
import { availabilities } from '#core/money/availability.ts'
import * as texts from '#app/texts/products.ts'
import { day, id, keyOf, optionalLine } from './zod-fields.ts'

/** How a product could be had. */
export const availabilitySchema = z.object({
  id,
  intent: z.literal('availability'),
  status: keyOf(availabilities, texts.chooseHowItCanBeHad),
  place: optionalLine(texts.thePlace, 80),
  seenOn: day(texts.theDay),
  source: optionalLine(texts.theSource, 120),
  revisionId: z.union([id, z.literal('')]).default(''),
})
