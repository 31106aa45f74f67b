import { z } from 'zod'
import * as texts from '#app/texts/library.ts'
import { id, line } from './zod-fields.ts'

/** Products that something is done with at once. */
const products = z
  .string()
  .max(4000, texts.thoseAreTooManyAtOnce)
  .transform((text) => text.split(',').filter(Boolean))
  .pipe(z.array(id).min(1, texts.chooseAProductFirst).max(200, texts.choose200ProductsAtMost))

/** What is done with several products of the library. */
export const libraryActSchema = z.discriminatedUnion('intent', [
  z.object({ intent: z.literal('throw-away'), products }),
  z.object({ intent: z.literal('merge'), products, into: id }),
  z.object({ intent: z.literal('tag'), products, tag: line(texts.theTag, 40) }),
  z.object({ intent: z.literal('untag'), products, tag: line(texts.theTag, 40) }),
  z.object({ intent: z.literal('bring-back'), id }),
  z.object({ intent: z.literal('remove-for-good'), id }),
])
