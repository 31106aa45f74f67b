import { z } from 'zod'
import { filterParts, type FilterPartKey } from '#core/catalogue/index.ts'
import type { CriterionGroup } from '#core/score/criterion.ts'
import type { PartCall } from '#core/verdict/part-calls.ts'
import { id } from './zod-fields.ts'

const partKeys = filterParts.map(({ key }) => key) as [FilterPartKey, ...FilterPartKey[]]
const parts: [CriterionGroup, ...CriterionGroup[]] = [...partKeys, 'claims', 'value']

/** The reviewer's call on one part of two filters; an empty one takes it back. */
export const partCallSchema = z.object({
  intent: z.literal('call'),
  a: id,
  b: id,
  part: z.enum(parts, { error: 'There is no such part.' }),
  call: z
    .enum(['', '-2', '-1', '0', '1', '2'], { error: 'Say who takes it.' })
    .transform((text): PartCall | undefined => (text === '' ? undefined : (Number(text) as PartCall))),
})
