import type { FormattableValue } from '#core/figures/format-value.ts'
import type { ResolvedValues } from '#core/teardown/resolve.ts'

/** What is known of a specimen as plain data that can be said in words, by characteristic. */
export const formattableValues = (values: ResolvedValues): Record<string, FormattableValue> =>
  Object.fromEntries(
    [...values.values()].map(({ key, number, text, openings, end }) => [
      key,
      { number: number?.value ?? null, text: text ?? null, groups: openings?.groups ?? null, end: end ?? null },
    ]),
  )
