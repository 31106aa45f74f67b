import { data } from 'react-router'
import type { z } from 'zod'
import type { Problem } from '#core/result.ts'
import type { Refusal } from '#app/features/forms/action-result.ts'
import * as texts from '#app/texts/house.ts'

/** Ends a request with the not-found page and a word about what is missing. */
export function notFound(what: string): never {
  throw data(texts.isNotHereItMayHave(what), { status: 404 })
}

/** The value, or the not-found page. */
export function found<T>(value: T | undefined, what: string): T {
  return value ?? notFound(what)
}

/** Whether a whole page was asked for, and not its data by an app that runs in a browser. */
export const isDocument = ({ isDocument: said = true }: { isDocument?: boolean } = {}): boolean => said

/** Form data of a request; a body that cannot be read is the sender's fault, said as such. */
export async function formDataOf(request: Request): Promise<FormData> {
  try {
    return await request.formData()
  } catch {
    throw data(texts.thatFormCouldNotBeRead, { status: 400 })
  }
}

/** The fields of a form, by name. */
export const fieldsOf = async (request: Request): Promise<Record<string, FormDataEntryValue>> =>
  Object.fromEntries(await formDataOf(request))

/** What was sent is taken. */
export const accepted = <More extends object = object>(more?: More): { ok: true } & More =>
  ({ ok: true, ...more }) as { ok: true } & More

/** What was sent is refused: what is wrong with the whole, and beside each field. */
export const refused = (form: string | string[], fields: Record<string, string[]> = {}, problem?: Problem) =>
  data({ ok: false, fields, form: [form].flat(), ...(problem && { problem }) } satisfies Refusal as Refusal, {
    status: 422,
  })

/** What was sent is refused for one of its fields. */
export const refusedField = (field: string, message: string) => refused([], { [field]: [message] })

/** What was sent, by its schema; or why it is refused. */
export function parseFields<Schema extends z.ZodType>(
  schema: Schema,
  fields: unknown,
): { ok: true; value: z.output<Schema> } | { ok: false; refusal: ReturnType<typeof refused> } {
  const parsed = schema.safeParse(fields)
  if (parsed.success) return { ok: true, value: parsed.data }
  const byField: Record<string, string[]> = {}
  const form: string[] = []
  for (const { path, message } of parsed.error.issues) {
    const [field] = path
    if (field === undefined) form.push(message)
    else (byField[String(field)] ??= []).push(message)
  }
  return { ok: false, refusal: refused(form, byField) }
}

/** Answers with a zip, to be saved under a name. */
export const zipDownload = (zip: Uint8Array, name: string): Response =>
  new Response(new Uint8Array(zip), {
    headers: { 'Content-Type': 'application/zip', 'Content-Disposition': attachment(name) },
  })

const attachment = (name: string): string => `attachment; filename="${name.replace(/[^\w.-]+/g, '-')}"`

/** Answers in the given file format, to be saved under a name. */
export const download = (body: string | ReadableStream<Uint8Array>, name: string, type: string): Response =>
  new Response(body, {
    headers: {
      'Content-Type': `${type}; charset=utf-8`,
      'Content-Disposition': attachment(name),
    },
  })
