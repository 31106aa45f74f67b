import type { z } from 'zod'

/** What a schema says of a form, by field; for tests. */
export function issuesOf(schema: z.ZodType, typed: unknown): Record<string, string> {
  const parsed = schema.safeParse(typed)
  return Object.fromEntries((parsed.error?.issues ?? []).map(({ path, message }) => [path.join('.'), message]))
}
