import { z } from 'zod'
import * as texts from '#app/texts/face-off.ts'
import { id } from './zod-fields.ts'

export const longestComparison = 120

/** What was said of one filter beside another, as it is sent. */
export const comparisonSchema = z.object({
  id,
  specimen: id,
  other: id,
  of: z.string({ error: texts.sayWhatIsCompared }).min(1, texts.sayWhatIsCompared).max(80, texts.sayWhatIsCompared),
  line: z
    .string({ error: texts.sayHowTheyCompare })
    .trim()
    .min(1, texts.sayHowTheyCompare)
    .max(longestComparison, texts.thatIsTooLongForA(longestComparison)),
})

export const removedComparisonSchema = z.object({ id })
