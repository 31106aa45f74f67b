import { z } from 'zod'
import { availabilities } from '#core/money/availability.ts'
import { day, id, keyOf, optionalLine } from './zod-fields.ts'

/** How a product could be had. */
export const availabilitySchema = z.object({
  id,
  intent: z.literal('availability'),
  status: keyOf(availabilities, 'Choose how it can be had.'),
  place: optionalLine('The place', 80),
  seenOn: day('The day'),
  source: optionalLine('The source', 120),
  revisionId: z.union([id, z.literal('')]).default(''),
})
