import { z } from 'zod'
import { filterParts, type FilterPartKey } from '#core/catalogue/index.ts'
import type { CriterionGroup } from '#core/score/criterion.ts'
import type { PartCall } from '#core/verdict/part-calls.ts'
import * as texts from '#app/texts/face-off.ts'
import { id } from './zod-fields.ts'

const partKeys = filterParts.map(({ key }) => key) as [FilterPartKey, ...FilterPartKey[]]
const parts: [CriterionGroup, ...CriterionGroup[]] = [...partKeys, 'claims', 'value']

/** The reviewer's call on one part of two filters; an empty one takes it back. */
export const partCallSchema = z.object({
  intent: z.literal('call'),
  a: id,
  b: id,
  part: z.enum(parts, { error: texts.thereIsNoSuchPart }),
  call: z
    .enum(['', '-2', '-1', '0', '1', '2'], { error: texts.sayWhoTakesIt })
    .transform((text): PartCall | undefined => (text === '' ? undefined : (Number(text) as PartCall))),
})
