import { z } from 'zod'
import { kinParts } from '#core/kin/kin-parts.ts'
import { swapOutcomes } from '#core/kin/swap-test.ts'
import * as texts from '#app/texts/forms.ts'
import { id, keyOf, optionalLine } from './zod-fields.ts'

/** A part of one filter that was tried in another, as it is sent; `isTurned` for the second one's part. */
export const swapTestSchema = z.object({
  id,
  part: keyOf(kinParts, texts.chooseAPart),
  outcome: keyOf(swapOutcomes, texts.sayHowItFits),
  isTurned: z.enum(['', 'yes']),
  triedBy: optionalLine(texts.whoTriedIt, 80),
  note: optionalLine(texts.theNote, 200),
})

export const removedSwapTestSchema = z.object({ id })
