import { z } from 'zod'
import { id, jsonText } from './zod-fields.ts'

/** Readings of a line that were clear, as they are sent; an empty specimen is a new one. */
export const quickLineSchema = z.object({
  id,
  specimen: z.union([id, z.literal('')]).default(''),
  readings: jsonText(20_000).pipe(
    z
      .array(
        z.object({ characteristic: z.string().min(1).max(80), typed: z.string().trim().min(1).max(400) }),
        'The readings could not be read.',
      )
      .min(1, 'There is no reading in this line yet.')
      .max(100, 'At most a hundred readings at once.'),
  ),
})
