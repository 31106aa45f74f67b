import { z } from 'zod'
import { evidenceKeys, filterParts, irreversibleSteps } from '#core/catalogue/index.ts'
import { longestComparison } from '#app/features/forms/comparison-fields.ts'
import { id, keyOf, line, oneOf, optionalLine } from '#app/features/forms/zod-fields.ts'
import * as texts from '#app/texts/bench.ts'

const longestNote = 2000
const longestReading = 1000

/** A moment of the user's clock, for what was done while the connection was down. */
const moment = z.iso.datetime().optional().catch(undefined)

const characteristic = z.string().max(60)

const noteText = z
  .string()
  .trim()
  .min(1, texts.theNoteIsEmpty)
  .max(longestNote, {
    error: ({ input }) => texts.thatNoteHasCharactersFitSplit(String(input).length, longestNote),
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
      typed: z.string().max(longestReading, texts.thatIsTooLongForA),
      readAs: z.string().max(longestReading).optional(),
      unit: z.string().max(12).optional(),
      insist: z.literal('yes').optional(),
      evidence: oneOf(evidenceKeys, texts.chooseHowYouKnowIt),
      source: optionalLine(texts.whereItWasRead, 200),
      instrument: id.optional(),
      zero: z.coerce.number(texts.theZeroOfTheInstrumentIs).optional(),
      at: moment,
      since: moment,
    }),
    z.object({ intent: z.literal('strike'), id, why: optionalLine(texts.theReason, 200) }),
    z.object({ intent: z.literal('restore'), id }),
    z.object({
      intent: z.literal('note'),
      id,
      part: keyOf(filterParts, texts.chooseAPartForTheNote),
      text: noteText,
    }),
    z.object({ intent: z.literal('drop-note'), id }),
    z.object({ intent: z.literal('drop-photo'), id }),
    z.object({
      intent: z.literal('ask'),
      id,
      characteristic,
      asked: oneOf(['yes', 'no', 'usual'], texts.sayWhetherItIsAskedFor),
    }),
    z.object({ intent: z.literal('ask-like'), id, from: id }),
    z.object({ intent: z.literal('owe'), id, characteristic }),
    z.object({ intent: z.literal('settle'), id }),
    z.object({
      intent: z.literal('predict'),
      id,
      characteristic,
      typed: z.string().trim().min(1, texts.sayWhatYouExpect).max(200, texts.thatIsTooLongForAPrediction),
      unit: z.string().max(12).optional(),
    }),
    z.object({
      intent: z.literal('compare'),
      id,
      characteristic,
      other: id,
      line: line(texts.whatIsSaidOfTheTwo, longestComparison),
    }),
    z.object({ intent: z.literal('drop-comparison'), id }),
    z.object({
      intent: z.literal('zero'),
      id,
      instrument: id,
      shows: z.string().trim().max(40, texts.thatIsTooLongForAZero),
    }),
    z.object({
      intent: z.literal('pass'),
      id,
      point: keyOf(irreversibleSteps, texts.thereIsNoSuchPoint),
      reason: line(texts.theReasonWhyYouGoOn, 300),
    }),
  ],
  { error: texts.thisPageIsOutOfDate },
)

export type BenchRequest = z.infer<typeof benchRequestSchema>
