import { z } from 'zod'
import { interests } from '#core/verdict/interest.ts'
import { oneOf, optionalLine } from './zod-fields.ts'

const interestKeys = interests.map(({ key }) => key) as [(typeof interests)[number]['key']]

/** Who reviews. */
export const reviewerSchema = z.object({
  interest: z.enum(['', ...interestKeys], { error: 'Say what you may gain by it.' }).default(''),
  interestNote: optionalLine('With whom', 200),
  topEnd: oneOf(['', 'thread', 'dome'], 'Say which end you call the top.').default(''),
})
