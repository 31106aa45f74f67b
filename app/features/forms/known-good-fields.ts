import { z } from 'zod'
import { id } from './zod-fields.ts'

/** A specimen that is known to be good, or is not any more. */
export const knownGoodSchema = z.object({ specimen: id, is: z.enum(['', 'yes']) })
