import { z } from 'zod'
import { evidenceKeys, filterParts, irreversibleSteps } from '#core/catalogue/index.ts'
import { longestComparison } from '#app/features/forms/comparison-fields.ts'
import { id, keyOf, line, oneOf, optionalLine } from '#app/features/forms/zod-fields.ts'

const longestNote = 2000
const longestReading = 1000

/** A moment of the user's clock, for what was done while the connection was down. */
const moment = z.iso.datetime().optional().catch(undefined)

const characteristic = z.string().max(60)

const noteText = z
  .string()
  .trim()
  .min(1, 'The note is empty.')
  .max(longestNote, {
    error: ({ input }) => `That note has ${String(input).length} characters; ${longestNote} fit. Split it in two.`,
  })

/**
 * What the bench may ask of its action; the names are kept, for requests wait in browsers while a connection is down.
 */
export const benchRequestSchema = z.discriminatedUnion(
  'intent',
  [
    z.object({
      intent: z.literal('take'),
      id,
      characteristic,
      typed: z.string().max(longestReading, 'That is too long for a reading. Put remarks into a note.'),
      readAs: z.string().max(longestReading).optional(),
      unit: z.string().max(12).optional(),
      insist: z.literal('yes').optional(),
      evidence: oneOf(evidenceKeys, 'Choose how you know it.'),
      source: optionalLine('Where it was read', 200),
      instrument: id.optional(),
      zero: z.coerce.number('The zero of the instrument is no number.').optional(),
      at: moment,
      since: moment,
    }),
    z.object({ intent: z.literal('strike'), id, why: optionalLine('The reason', 200) }),
    z.object({ intent: z.literal('restore'), id }),
    z.object({
      intent: z.literal('note'),
      id,
      part: keyOf(filterParts, 'Choose a part for the note.'),
      text: noteText,
    }),
    z.object({ intent: z.literal('drop-note'), id }),
    z.object({ intent: z.literal('drop-photo'), id }),
    z.object({
      intent: z.literal('ask'),
      id,
      characteristic,
      asked: oneOf(['yes', 'no', 'usual'], 'Say whether it is asked for.'),
    }),
    z.object({ intent: z.literal('ask-like'), id, from: id }),
    z.object({ intent: z.literal('owe'), id, characteristic }),
    z.object({ intent: z.literal('settle'), id }),
    z.object({
      intent: z.literal('predict'),
      id,
      characteristic,
      typed: z.string().trim().min(1, 'Say what you expect.').max(200, 'That is too long for a prediction.'),
      unit: z.string().max(12).optional(),
    }),
    z.object({
      intent: z.literal('compare'),
      id,
      characteristic,
      other: id,
      line: line('What is said of the two', longestComparison),
    }),
    z.object({ intent: z.literal('drop-comparison'), id }),
    z.object({
      intent: z.literal('zero'),
      id,
      instrument: id,
      shows: z.string().trim().max(40, 'That is too long for a zero.'),
    }),
    z.object({
      intent: z.literal('pass'),
      id,
      point: keyOf(irreversibleSteps, 'There is no such point.'),
      reason: line('The reason why you go on, which is kept with the specimen,', 300),
    }),
  ],
  { error: 'This page is out of date. Load it again.' },
)

export type BenchRequest = z.infer<typeof benchRequestSchema>
