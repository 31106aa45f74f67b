import { z } from 'zod'
import { claimPlaces } from '#core/claims/claim.ts'
import { day, id, keyOf } from './zod-fields.ts'

export const longestPaste = 20_000

/** Claims that were pasted at once: the text is read again where it is kept. */
export const readClaimsSchema = z.object({
  id,
  text: z
    .string({ error: 'The text is missing.' })
    .trim()
    .min(1, 'Paste or type what is claimed first.')
    .max(longestPaste, `That is too long: at most ${longestPaste} characters at once.`),
  unit: z.enum(['km', 'mi']).default('km'),
  place: keyOf(claimPlaces, 'Say where it was read.'),
  readOn: day('The day'),
  /** Set where the page that sends it stays. */
  stay: z.enum(['1', '']).default(''),
  revisionId: z.union([id, z.literal('')]).default(''),
  /** Places in the list that are not kept, parted by commas. */
  left: z
    .string()
    .max(400)
    .default('')
    .transform((text) => new Set(text.split(',').filter(Boolean).map(Number))),
})
