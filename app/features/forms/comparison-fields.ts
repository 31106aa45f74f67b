import { z } from 'zod'
import { id } from './zod-fields.ts'

export const longestComparison = 120

/** What was said of one filter beside another, as it is sent. */
export const comparisonSchema = z.object({
  id,
  specimen: id,
  other: id,
  of: z.string({ error: 'Say what is compared.' }).min(1, 'Say what is compared.').max(80, 'Say what is compared.'),
  line: z
    .string({ error: 'Say how they compare.' })
    .trim()
    .min(1, 'Say how they compare.')
    .max(longestComparison, `That is too long for a comparison: at most ${longestComparison} characters.`),
})

export const removedComparisonSchema = z.object({ id })
