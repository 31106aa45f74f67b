import { z } from 'zod'

const id = z.string().regex(/^[0-9a-z]{2,24}$/)

const frozen = z.object({
  school: z.string().max(80),
  driver: z.string().max(80),
  method: z.number().int(),
  ranking: z.array(z.object({ column: z.string().max(24), name: z.string().max(240), value: z.number(), low: z.number(), high: z.number() })).max(500),
  winners: z.array(z.string().max(240)).max(500),
  sentences: z.array(z.string().max(600)).max(60),
})

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
      frozen: z.string().max(200_000).default('null').transform((text, context) => {
        try {
          return frozen.nullable().parse(JSON.parse(text))
        } catch {
          context.addIssue('The page is out of date. Load it again; your words are still in the field.')
          return z.NEVER
        }
      }),
    })
    .refine(({ overrule, overruleReason }) => overrule === '' || overruleReason !== '', 'Say why you overrule: it is shown with the verdict.'),
  z.object({ intent: z.literal('withdraw'), id }),
])
