import { z } from 'zod'
import { id } from '#app/features/forms/zod-fields.ts'

/** What the verdict page may ask of its action. */
export const verdictSchema = z.discriminatedUnion('intent', [
  z
    .object({
      intent: z.enum(['save', 'publish']),
      id,
      version: z.coerce.number('This page is out of date. Load it again.').int().min(0),
      schoolId: id,
      driverId: z.union([id, z.literal('').transform(() => null)]),
      words: z.string().trim().max(4000, 'The words are too long: at most 4000 characters.'),
      conditions: z.string().trim().max(600, 'The conditions are too long: at most 600 characters.').default(''),
      overruleColumn: z.union([id, z.literal('')]),
      /** What contradicts itself was seen, and it is published all the same. */
      seen: z.enum(['yes', '']).default(''),
      overruleReason: z.string().trim().max(600, 'The reason is too long: at most 600 characters.'),
    })
    .refine(
      ({ overruleColumn, overruleReason }) => overruleColumn === '' || overruleReason !== '',
      'Say why you overrule: it is shown with the verdict.',
    ),
  z.object({ intent: z.literal('withdraw'), id }),
])
