import { z } from 'zod'
import { id } from './zod-fields.ts'

/** A number whose place a product takes, as it is sent. */
export const replacementSchema = z.object({
  replaces: z.string().min(1, 'Choose the number whose place it takes.').pipe(id),
})
