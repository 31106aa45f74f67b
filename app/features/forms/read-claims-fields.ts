import { z } from 'zod'
import { claimPlaces } from '#core/claims/claim.ts'
import * as texts from '#app/texts/claims.ts'
import { day, id, keyOf } from './zod-fields.ts'

export const longestPaste = 20_000

/** Claims that were pasted at once: the text is read again where it is kept. */
export const readClaimsSchema = z.object({
  id,
  text: z
    .string({ error: texts.theTextIsMissing })
    .trim()
    .min(1, texts.pasteOrTypeWhatIsClaimed)
    .max(longestPaste, texts.thatIsTooLongAtMost(longestPaste)),
  unit: z.enum(['km', 'mi']).default('km'),
  place: keyOf(claimPlaces, texts.sayWhereItWasRead),
  readOn: day(texts.theDay),
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
