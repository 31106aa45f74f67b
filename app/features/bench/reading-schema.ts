import { z } from 'zod'
import { evidences, noReturns, parts, type Evidence, type NoReturnKey, type PartKey } from '#core/catalogue/index.ts'

const id = z.string().regex(/^[0-9a-z]{6,24}$/, 'This page is out of date. Load it again; what you typed is kept.')
const evidence = z.enum(evidences.map(({ key }) => key) as [Evidence, ...Evidence[]], {
  error: 'Choose how you know it.',
})
const longestNote = 2000

/** A moment of the user's clock, for what was done while the connection was down. */
const moment = z.iso.datetime().optional().catch(undefined)

const noteText = z
  .string()
  .trim()
  .max(longestNote, {
    error: ({ input }) => `That note has ${String(input).length} characters; ${longestNote} fit. Split it in two.`,
  })

/** What the bench may ask of its action. */
export const benchSchema = z.discriminatedUnion('intent', [
  z.object({
    intent: z.literal('take'),
    id,
    characteristic: z.string().max(60),
    typed: z.string().max(1000, 'That is too long for a reading. Put remarks into a note.'),
    readAs: z.string().max(1000).optional(),
    unit: z.string().max(12).optional(),
    insist: z.literal('yes').optional(),
    evidence,
    source: z.string().trim().max(200, 'Say in at most 200 characters where it was read.').default(''),
    instrument: id.optional(),
    zero: z.coerce.number().min(-0.01).max(0.01).optional(),
    at: moment,
    since: moment,
  }),
  z.object({ intent: z.literal('strike'), id, why: z.string().trim().max(200).default('') }),
  z.object({ intent: z.literal('restore'), id }),
  z.object({
    intent: z.literal('note'),
    id,
    part: z.enum(parts.map(({ key }) => key) as [PartKey, ...PartKey[]], { error: 'Choose a part for the note.' }),
    text: noteText.min(1, 'The note is empty.'),
  }),
  z.object({ intent: z.literal('drop-note'), id }),
  z.object({ intent: z.literal('drop-photo'), id }),
  z.object({
    intent: z.literal('ask'),
    id,
    characteristic: z.string().max(60),
    asked: z.enum(['yes', 'no', 'usual'], { error: 'Say whether it is asked for.' }),
  }),
  z.object({ intent: z.literal('ask-like'), id, from: id }),
  z.object({
    intent: z.literal('zero'),
    id,
    instrument: id,
    shows: z.string().trim().max(40, 'That is too long for a zero.'),
  }),
  z.object({
    intent: z.literal('pass'),
    id,
    point: z.enum(noReturns.map(({ key }) => key) as [NoReturnKey, ...NoReturnKey[]], {
      error: 'There is no such point.',
    }),
    reason: z
      .string()
      .trim()
      .min(1, 'Say why you go on: it is kept with the specimen.')
      .max(300, 'Say it in at most 300 characters.'),
  }),
])

export type BenchRequest = z.infer<typeof benchSchema>
