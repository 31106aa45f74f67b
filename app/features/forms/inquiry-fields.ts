import { z } from 'zod'
import { claimKinds } from '#core/claims/claim.ts'
import { inquiryStates } from '#core/claims/inquiry.ts'
import { day, id, keyOf, optionalLine } from './zod-fields.ts'

/** That something was looked up or asked for. */
export const inquirySchema = z.object({
  intent: z.literal('inquire'),
  id,
  productId: id,
  about: keyOf(claimKinds, 'Choose what was looked for.'),
  state: keyOf(inquiryStates, 'Say what came of it.'),
  place: optionalLine('The place', 80),
  madeOn: day('The day'),
})

/** What names an inquiry that is taken back. */
export const removedInquirySchema = z.object({ id, productId: id })
