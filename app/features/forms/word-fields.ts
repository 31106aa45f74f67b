import { z } from 'zod'
import { absoluteWords } from '#core/verdict/absolute-word.ts'
import { parseInterval } from '#core/quantity/interval.ts'
import * as texts from '#app/texts/absolute-words.ts'
import { id, keyOf, optionalLine } from './zod-fields.ts'

/** An interval as it is typed; one that cannot be read is refused. */
const typedInterval = z
  .string()
  .trim()
  .max(40, texts.theIntervalIsTooLong)
  .default('')
  .superRefine((text, context) => {
    if (text === '') return
    const parsed = parseInterval(text)
    if (!parsed.ok) context.addIssue(parsed.problem.message)
  })

/** The reviewer's word on a product, with what it holds under. */
export const wordSchema = z.object({
  id,
  version: z.coerce.number(texts.thisPageIsOutOfDate).int().min(0),
  word: keyOf(absoluteWords, texts.chooseAWord),
  interval: typedInterval,
  oil: optionalLine(texts.theOil, 80),
  duty: optionalLine(texts.theDuty, 80),
  position: optionalLine(texts.howItSits, 80),
  reason: optionalLine(texts.theReason, 600),
  intent: z.enum(['save', 'publish']).default('save'),
  schoolId: z.string().max(40).default(''),
  driverId: z.string().max(40).default(''),
})

/** What names a word that is to be taken back. */
export const removeWordSchema = z.object({ id })
