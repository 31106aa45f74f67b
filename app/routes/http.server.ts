import { data } from 'react-router'

/** Ends a request with the not-found page and a word about what is missing. */
export function notFound(what: string): never {
  throw data(`${what} is not here. It may have been removed, or the address is wrong.`, { status: 404 })
}

/** The value, or the not-found page. */
export function found<T>(value: T | undefined, what: string): T {
  return value ?? notFound(what)
}

/** Form data of a request; a body that cannot be read is the sender's fault, said as such. */
export async function formDataOf(request: Request): Promise<FormData> {
  try {
    return await request.formData()
  } catch {
    throw data('That form could not be read.', { status: 400 })
  }
}

/** Answers in the given file format, to be saved under a name. */
export const download = (body: string | ReadableStream<Uint8Array>, name: string, type: string): Response =>
  new Response(body, {
    headers: {
      'Content-Type': `${type}; charset=utf-8`,
      'Content-Disposition': `attachment; filename="${name.replace(/[^\w.-]+/g, '-')}"`,
    },
  })
