import { z } from 'zod'
import { id } from '#app/features/forms/zod-fields.ts'
import * as texts from '#app/texts/verdict.ts'

/** What the verdict page may ask of its action. */
export const verdictSchema = z.discriminatedUnion('intent', [
  z
    .object({
      intent: z.enum(['save', 'publish']),
      id,
      version: z.coerce.number(texts.thisPageIsOutOfDate).int().min(0),
      schoolId: id,
      driverId: z.union([id, z.literal('').transform(() => null)]),
      words: z.string().trim().max(4000, texts.theWordsAreTooLongAt),
      conditions: z.string().trim().max(600, texts.theConditionsAreTooLongAt).default(''),
      overruleColumn: z.union([id, z.literal('')]),
      /** What contradicts itself was seen, and it is published all the same. */
      seen: z.enum(['yes', '']).default(''),
      overruleReason: z.string().trim().max(600, texts.theReasonIsTooLongAt),
    })
    .refine(
      ({ overruleColumn, overruleReason }) => overruleColumn === '' || overruleReason !== '',
      texts.sayWhyYouOverruleItIs,
    ),
  z.object({ intent: z.literal('withdraw'), id }),
])
