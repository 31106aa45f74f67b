import { z } from 'zod'
import * as texts from '#app/texts/products.ts'
import { id } from './zod-fields.ts'

/** A number whose place a product takes, as it is sent. */
export const replacementSchema = z.object({
  replaces: z.string().min(1, texts.chooseTheNumberWhosePlaceIt).pipe(id),
})
