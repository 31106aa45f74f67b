import { useForm, type FieldMetadata, type FormMetadata, type SubmissionResult } from '@conform-to/react'
import { parseWithZod } from '@conform-to/zod/v4'
import { useMemo } from 'react'
import type { z } from 'zod'
import type { ActionResult } from './action-result.ts'
import type { FieldValues } from './field-values.ts'

/** Every field of a form is typed as text, by the names of its schema. */
export type SchemaFields<Schema extends z.ZodType> = { [Name in keyof z.input<Schema> & string]-?: string }

interface Options<Schema extends z.ZodType> {
  result?: ActionResult | null | undefined
  values: FieldValues
  /** Takes what is right in the browser, in place of the server. */
  onRight?: (output: z.output<Schema>) => void
}

/** A Conform form whose rules are a Zod schema, the same one that the action uses. */
export function useSchemaForm<Schema extends z.ZodType<unknown, Record<string, unknown>>>(
  schema: Schema,
  { result, values, onRight }: Options<Schema>,
): [
  FormMetadata<SchemaFields<Schema>>,
  { [Name in keyof SchemaFields<Schema>]: FieldMetadata<string, SchemaFields<Schema>> },
] {
  // Conform takes every new object for a new answer.
  const lastResult = useMemo(() => (result ? submissionResult(result) : null), [result])
  const [form, fields] = useForm<Record<string, string>>({
    lastResult,
    defaultValue: values,
    // A rule over several fields cannot be kept by the first of them.
    shouldValidate: onRight ? 'onSubmit' : 'onBlur',
    shouldRevalidate: 'onInput',
    onValidate: ({ formData }) => parseWithZod(formData, { schema }) as never,
    ...(onRight && {
      onSubmit: (event, { formData }) => {
        event.preventDefault()
        const parsed = schema.safeParse(Object.fromEntries(formData))
        if (parsed.success) onRight(parsed.data)
      },
    }),
  })
  return [form, fields] as never
}

/** An answer of the app as Conform knows it: a refusal stands beside its fields, what is taken clears the form. */
function submissionResult(result: ActionResult): SubmissionResult<string[]> {
  if (result.ok) return { initialValue: null }
  return { status: 'error', error: { ...result.fields, ...(result.form.length > 0 && { '': result.form }) } }
}
