import { z } from 'zod'
import { id, line } from './zod-fields.ts'

/** Products that something is done with at once. */
const products = z
  .string()
  .max(4000, 'Those are too many at once: choose 200 at most.')
  .transform((text) => text.split(',').filter(Boolean))
  .pipe(z.array(id).min(1, 'Choose a product first.').max(200, 'Choose 200 products at most.'))

/** What is done with several products of the library. */
export const libraryActSchema = z.discriminatedUnion('intent', [
  z.object({ intent: z.literal('throw-away'), products }),
  z.object({ intent: z.literal('merge'), products, into: id }),
  z.object({ intent: z.literal('tag'), products, tag: line('The tag', 40) }),
  z.object({ intent: z.literal('untag'), products, tag: line('The tag', 40) }),
  z.object({ intent: z.literal('bring-back'), id }),
  z.object({ intent: z.literal('remove-for-good'), id }),
])
