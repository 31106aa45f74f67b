import { z } from 'zod'
import { claimKinds } from '#core/claims/claim.ts'
import { inquiryStates } from '#core/claims/inquiry.ts'
import * as texts from '#app/texts/claims.ts'
import { day, id, keyOf, optionalLine } from './zod-fields.ts'

/** That something was looked up or asked for. */
export const inquirySchema = z.object({
  intent: z.literal('inquire'),
  id,
  productId: id,
  about: keyOf(claimKinds, texts.chooseWhatWasLookedFor),
  state: keyOf(inquiryStates, texts.sayWhatCameOfIt),
  place: optionalLine(texts.thePlace, 80),
  madeOn: day(texts.theDay),
})

/** What names an inquiry that is taken back. */
export const removedInquirySchema = z.object({ id, productId: id })
