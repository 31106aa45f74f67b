import { z } from 'zod'

const id = z.string().regex(/^[0-9a-z]{2,24}$/)

/** What the verdict page may ask of its action. */
export const verdictSchema = z.discriminatedUnion('intent', [
  z
    .object({
      intent: z.enum(['save', 'publish']),
      id,
      school: id,
      driver: z.union([id, z.literal('')]),
      words: z.string().trim().max(4000, 'The words are too long: at most 4000 characters.'),
      overrule: z.union([id, z.literal('')]),
      overruleReason: z.string().trim().max(600, 'The reason is too long: at most 600 characters.'),
    })
    .refine(
      ({ overrule, overruleReason }) => overrule === '' || overruleReason !== '',
      'Say why you overrule: it is shown with the verdict.',
    ),
  z.object({ intent: z.literal('withdraw'), id }),
])
