import { useForm, type SubmissionResult } from '@conform-to/react'
import { parseWithZod } from '@conform-to/zod/v4'
import type { z } from 'zod'

/** A Conform form whose rules are a Zod schema, the same one the action uses. */
export function useSchemaForm<Schema extends z.ZodType<Record<string, unknown>>>(
  schema: Schema,
  options: { last: SubmissionResult<string[]> | null | undefined; start: Record<string, string | null | undefined> },
) {
  return useForm<Record<string, string>>({
    lastResult: options.last as SubmissionResult<string[]> | null,
    defaultValue: options.start,
    shouldValidate: 'onBlur',
    shouldRevalidate: 'onInput',
    onValidate: ({ formData }) => parseWithZod(formData, { schema }) as never,
  })
}
