import { z } from 'zod'
import { kinParts } from '#core/kin/kin-parts.ts'
import { swapOutcomes } from '#core/kin/swap-test.ts'
import { id, keyOf, optionalLine } from './zod-fields.ts'

/** A part of one filter that was tried in another, as it is sent; `isTurned` for the second one's part. */
export const swapTestSchema = z.object({
  id,
  part: keyOf(kinParts, 'Choose a part.'),
  outcome: keyOf(swapOutcomes, 'Say how it fits.'),
  isTurned: z.enum(['', 'yes']),
  triedBy: optionalLine('Who tried it', 80),
  note: optionalLine('The note', 200),
})

export const removedSwapTestSchema = z.object({ id })
