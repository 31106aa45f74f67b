import { z } from 'zod'
import { plainText } from '#core/plain-text.ts'
import { blockKinds, subjectKinds } from '#core/review/block.ts'
import * as texts from '#app/texts/review.ts'
import { id, jsonText, keyOf, line, optionalLine } from './zod-fields.ts'

/** Letters that the words of one block may have. */
export const longestProse = 20_000

const drawnLine = z.string().max(4000)

const blockSchema = z.object({
  id,
  kind: keyOf(blockKinds, texts.thisKindOfBlockIsNot),
  heading: optionalLine(texts.theHeading, 120),
  prose: z.string().overwrite(plainText).max(longestProse, texts.theWordsOfABlockAre(longestProse)),
  a: z.string().max(40).default(''),
  b: z.string().max(40).default(''),
  seen: z.array(drawnLine).max(5000).nullable(),
  values: z.record(z.string().max(120), drawnLine),
})

const blocks = jsonText(4_000_000).pipe(z.array(blockSchema).max(60, texts.aReviewHas60BlocksAt))
const version = z.coerce.number(texts.thisPageIsOutOfDate).int().min(0)
const title = line(texts.theTitle, 160)

/** A review that is begun: about the engine, or about two of its columns. */
export const newReviewSchema = z
  .object({
    id,
    subject: keyOf(subjectKinds, texts.chooseWhatItIsAbout),
    a: z.string().max(40).default(''),
    b: z.string().max(40).default(''),
    title,
  })
  .superRefine(({ subject, a, b }, context) => {
    if (subject !== 'engine' && (a === '' || b === '' || a === b))
      context.addIssue({ code: 'custom', path: ['b'], message: texts.chooseTwoThatAreNotThe })
  })

/** What is sent from where a review is written. */
export const reviewActSchema = z.discriminatedUnion('intent', [
  z.object({ intent: z.literal('save'), version, title, blocks }),
  z.object({
    intent: z.literal('publish'),
    id,
    version,
    /** Of the version to come: one more than was seen. */
    number: z.coerce.number().int().min(1).max(10_000),
    correction: optionalLine(texts.whatIsCorrected, 2000),
    reason: optionalLine(texts.whyAllTheSame, 600),
  }),
  z.object({ intent: z.literal('remove') }),
])

/** Of the site of all reviews. */
export const siteSchema = z.object({
  title: line(texts.theTitle, 120).default(texts.oilFiltersCutOpen),
  address: z
    .string()
    .trim()
    .max(200, texts.theAddressIsTooLong)
    .refine((text) => text === '' || /^https?:\/\/[^\s/?#]+(\/[^\s?#]*)?$/.test(text), texts.writeItAsHttpsExampleOrg)
    .default(''),
})
