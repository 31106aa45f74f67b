import { z } from 'zod'
import { criteria } from '#core/score/criteria.ts'
import type { ValueFunction } from '#core/score/criterion.ts'
import type { School } from '#core/score/schools.ts'
import { id, line } from '#app/features/forms/zod-fields.ts'
import * as texts from '#app/texts/schools.ts'

const known = new Set(criteria.map(({ key }) => key))
const points = z.number().min(0).max(10)
const breakpoint = z.tuple([z.number(), points])

const valueFunction: z.ZodType<ValueFunction> = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('scale'), points: z.tuple([breakpoint, breakpoint], breakpoint) }),
  z.object({ kind: z.literal('answers'), points: z.record(z.string().max(40), points) }),
])

/** JSON in a field, checked; what does not fit is the page's fault, said as such. */
const json = <T>(schema: z.ZodType<T>) =>
  z
    .string()
    .max(100_000)
    .transform((text, context): T => {
      try {
        return schema.parse(JSON.parse(text))
      } catch {
        context.addIssue(texts.thePageIsOutOfDate)
        return z.NEVER
      }
    })

const weights = json(
  z.record(z.string(), z.number().min(0).max(100)).refine((all) => Object.keys(all).every((key) => known.has(key))),
)
const mustHaves = json(
  z.record(z.string(), z.number().min(-10).max(10)).refine((all) => Object.keys(all).every((key) => known.has(key))),
)
const valueFunctions = json(
  z.record(z.string(), valueFunction).refine((all) => Object.keys(all).every((key) => known.has(key))),
)

/** A new version of the method: what differs from the one that ships. */
export const methodSchema = z.object({ id, note: line(texts.whatWasChanged, 200), weights, valueFunctions })

/** A school of the user's. */
export const schoolSchema = z.object({
  id,
  name: line(texts.theName, 60),
  description: line(texts.whatItHolds, 400),
  weights,
  valueFunctions,
  mustHaves: mustHaves.default({}),
})

/** Where a school as it stands differs from what was to be saved, in words, by field. */
export function schoolDifferences(current: School, sent: Omit<School, 'builtIn'>): Record<string, string> {
  const keys = new Set(
    [current, sent].flatMap((one) => Object.keys({ ...one.weights, ...one.valueFunctions, ...one.mustHaves })),
  )
  const differing = [...keys].filter(
    (key) =>
      current.weights[key] !== sent.weights[key] ||
      current.mustHaves?.[key] !== sent.mustHaves?.[key] ||
      JSON.stringify(current.valueFunctions[key]) !== JSON.stringify(sent.valueFunctions[key]),
  )
  const labels = criteria.filter(({ key }) => differing.includes(key)).map(({ label }) => label)
  return {
    ...(current.name !== sent.name && { 'its name': current.name }),
    ...(current.description !== sent.description && { 'what it holds': current.description }),
    ...(labels.length > 0 && { 'other weights or values for': labels.join(', ') }),
  }
}
