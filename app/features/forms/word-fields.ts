import { z } from 'zod'
import { absoluteWords } from '#core/verdict/absolute-word.ts'
import { parseInterval } from '#core/quantity/interval.ts'
import { id, keyOf, optionalLine } from './zod-fields.ts'

/** An interval as it is typed; one that cannot be read is refused. */
const typedInterval = z
  .string()
  .trim()
  .max(40, 'The interval is too long.')
  .default('')
  .superRefine((text, context) => {
    if (text === '') return
    const parsed = parseInterval(text)
    if (!parsed.ok) context.addIssue(parsed.problem.message)
  })

/** The reviewer's word on a product, with what it holds under. */
export const wordSchema = z.object({
  id,
  version: z.coerce.number('This page is out of date. Load it again.').int().min(0),
  word: keyOf(absoluteWords, 'Choose a word.'),
  interval: typedInterval,
  oil: optionalLine('The oil', 80),
  duty: optionalLine('The duty', 80),
  position: optionalLine('How it sits', 80),
  reason: optionalLine('The reason', 600),
  intent: z.enum(['save', 'publish']).default('save'),
  schoolId: z.string().max(40).default(''),
  driverId: z.string().max(40).default(''),
})

/** What names a word that is to be taken back. */
export const removeWordSchema = z.object({ id })
