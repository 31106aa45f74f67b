import { data } from 'react-router'
import type { Refusal } from '#app/features/forms/action-result.ts'
import * as texts from '#app/texts/server.ts'

const megabyte = 1_000_000

interface Limit {
  bytes: number
  message: string
}

const ofForms: Limit = {
  bytes: megabyte,
  message: texts.thisIsMoreThanAForm,
}

/** By the name of the route; a route that is not named takes forms. */
const limits: Record<string, Limit> = {
  'routes/photos': {
    bytes: 60 * megabyte,
    message: texts.thisPictureIsLargerThan60,
  },
  'routes/import-file': { bytes: 200 * megabyte, message: texts.theFileIsLargerThan200 },
  'routes/table': { bytes: 12 * megabyte, message: texts.thisTableIsLargerThan12 },
  'routes/table-read': { bytes: 12 * megabyte, message: texts.theFileIsLargerThan12 },
  'routes/backup-file': { bytes: 100_000 * megabyte, message: texts.thisBackupIsLargerThan100 },
}

type Handler = (args: { request: Request }) => unknown

/** An action that counts what arrives, whatever was announced, and refuses in words what is too large for it. */
export function limited(route: string, act: Handler): Handler {
  const { bytes, message } = limits[route] ?? ofForms
  const refusal: Refusal = { ok: false, fields: {}, form: [message] }
  const refuse = () => data(refusal, { status: 413, headers: { Connection: 'close' } })
  return async (args) => {
    if (Number(args.request.headers.get('Content-Length') ?? 0) > bytes) return refuse()
    let isTooLarge = false
    const request = counted(args.request, bytes, () => (isTooLarge = true))
    try {
      const answer = await act({ ...args, request })
      return isTooLarge ? refuse() : answer
    } catch (error) {
      if (isTooLarge) return refuse()
      throw error
    }
  }
}

function counted(request: Request, most: number, tooLarge: () => void): Request {
  if (!request.body) return request
  let size = 0
  const count = new TransformStream<Uint8Array, Uint8Array>({
    transform(chunk, controller) {
      size += chunk.length
      if (size <= most) return controller.enqueue(chunk)
      tooLarge()
      controller.error(new Error('The body is too large'))
    },
  })
  return new Request(request, { body: request.body.pipeThrough(count), duplex: 'half' } as RequestInit)
}
