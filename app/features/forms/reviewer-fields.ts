import { z } from 'zod'
import { interests } from '#core/verdict/interest.ts'
import * as texts from '#app/texts/reviewer.ts'
import { oneOf, optionalLine } from './zod-fields.ts'

const interestKeys = interests.map(({ key }) => key) as [(typeof interests)[number]['key']]

/** Who reviews. */
export const reviewerSchema = z.object({
  interest: z.enum(['', ...interestKeys], { error: texts.sayWhatYouMayGainBy }).default(''),
  interestNote: optionalLine(texts.withWhom, 200),
  topEnd: oneOf(['', 'thread', 'dome'], texts.sayWhichEndYouCallThe).default(''),
})
