import { request as send } from 'node:http'
import { hostileBodies, hostileTexts, pick } from './hostile.ts'
import type { FuzzedRoute } from './routes.ts'
import type { Vocabulary } from './vocabulary.ts'

/** A request as it goes out, whatever a browser would say to it. */
export interface FuzzedRequest {
  method: string
  path: string
  headers: Record<string, string>
  body: string | Uint8Array | undefined
  /** Sent in pieces without a length. */
  isChunked: boolean
}

/** What really is there, by the name of the parameter that asks for it. */
export type KnownIds = Readonly<Record<string, readonly string[]>>

const methods = ['GET', 'GET', 'POST', 'POST', 'POST', 'HEAD', 'PUT', 'DELETE', 'PATCH', 'OPTIONS', 'PROPFIND']
const queries = [
  '',
  '',
  '?q=',
  '?page=-1',
  '?page=1e9',
  '?size=',
  '?name=',
  '?id=',
  '?part=',
  '?as=map&part=',
  '?school=',
]

/** A text that fits into a path of a request, at least once it has been encoded. */
const encoded = (text: string): string => {
  try {
    return encodeURIComponent(text.slice(0, 2000))
  } catch {
    return '%ED%A0%80'
  }
}

/** One hostile request to a route: to what is there or not, with fields of the app or none, and whatever in them. */
export function hostileRequest(
  random: () => number,
  { path, hasAction }: FuzzedRoute,
  { fields, intents }: Vocabulary,
  known: KnownIds,
  origin: string,
): FuzzedRequest {
  const filled = path.replace(/:(\w+)/g, (_, name: string) => {
    const there = known[name] ?? []
    return there.length > 0 && random() < 0.7 ? pick(random, there) : encoded(pick(random, hostileTexts))
  })
  const query = random() < 0.3 ? `${pick(random, queries.slice(2))}${encoded(pick(random, hostileTexts))}` : ''
  const method = hasAction && random() < 0.6 ? 'POST' : pick(random, methods)
  const isRead = ['GET', 'HEAD', 'OPTIONS', 'PROPFIND'].includes(method)
  const wrong = !isRead && random() < 0.15 ? pick(random, hostileBodies) : undefined
  const body = isRead ? undefined : (wrong?.body(random) ?? formBody(random, fields, intents, known))
  return {
    method,
    path: `${filled}${random() < 0.3 && filled !== '/' ? '.data' : ''}${query}`,
    headers: {
      ...(random() < 0.95 && { Origin: origin }),
      ...(random() < 0.05 && { Cookie: `preferences=${encoded(pick(random, hostileTexts))}` }),
      ...(random() < 0.05 && { Accept: pick(random, ['*/*', 'text/html', 'image/png', '']) }),
      ...(body !== undefined && { 'Content-Type': wrong?.type ?? 'application/x-www-form-urlencoded' }),
    },
    body,
    isChunked: random() < 0.2,
  }
}

function formBody(random: () => number, fields: string[], intents: string[], known: KnownIds): string {
  const form = new URLSearchParams()
  const ids = Object.values(known).flat()
  if (random() < 0.8) form.set('intent', pick(random, intents))
  for (let count = Math.floor(random() * 12); count > 0; count--) {
    const value = random() < 0.3 && ids.length > 0 ? pick(random, ids) : pick(random, [...hostileTexts, ...intents])
    form.append(pick(random, fields), value)
  }
  return form.toString()
}

export interface Answered {
  /** 0 where the connection was dropped. */
  status: number
  milliseconds: number
  /** The beginning of what was answered. */
  text: string
}

export const isStreamOfEvents = (type: string | null | undefined): boolean =>
  type?.startsWith('text/event-stream') ?? false

const patience = 20_000
const chunked = { 'Transfer-Encoding': 'chunked' }
const looked = 20_000

/** Sends a request and waits for the whole of the answer; of a stream of events, which has no end, for the first. */
export function ask(port: number, { method, path, headers, body, isChunked }: FuzzedRequest): Promise<Answered> {
  const began = performance.now()
  return new Promise((resolve) => {
    let text = ''
    const done = (status: number) => resolve({ status, milliseconds: performance.now() - began, text })
    const framing =
      body === undefined ? {} : isChunked ? chunked : { 'Content-Length': String(Buffer.byteLength(body)) }
    const asking = send({ port, host: '127.0.0.1', method, path, headers: { ...headers, ...framing } }, (answer) => {
      answer.on('data', (chunk: Buffer) => text.length < looked && (text += chunk.toString()))
      if (isStreamOfEvents(answer.headers['content-type']))
        answer.once('data', () => {
          done(answer.statusCode ?? 0)
          asking.destroy()
        })
      answer.on('end', () => done(answer.statusCode ?? 0))
      answer.on('error', () => done(answer.statusCode ?? 0))
    })
    asking.setTimeout(patience, () => asking.destroy(new Error('too long')))
    asking.on('error', () => done(0))
    if (body !== undefined) asking.write(body)
    asking.end()
  })
}
