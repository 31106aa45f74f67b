import { describe, expect, test } from 'vitest'
import { limited } from './body-limit.ts'

/** A body that is made as it is read, and tells how much of it was. */
function body(bytes: number): { stream: ReadableStream<Uint8Array>; read: () => number } {
  const chunk = new Uint8Array(64 * 1024)
  let sent = 0
  const stream = new ReadableStream<Uint8Array>({
    pull(controller) {
      if (sent >= bytes) return controller.close()
      sent += chunk.length
      controller.enqueue(chunk)
    },
  })
  return { stream, read: () => sent }
}

const post = (content: BodyInit, headers: HeadersInit = {}) =>
  new Request('http://127.0.0.1/', { method: 'POST', body: content, headers, duplex: 'half' } as RequestInit)

const whole = async ({ request }: { request: Request }) => (await request.arrayBuffer()).byteLength

interface Refused {
  data: { ok: false; form: string[] }
  init: { status: number }
}

describe('how much may be sent', () => {
  test.each([
    ['a form', 'routes/library', 1_000_000, 'a form may hold'],
    ['a picture', 'routes/photos', 60_000_000, 'larger than 60 MB'],
    ['an import', 'routes/import-file', 200_000_000, 'larger than 200 MB'],
  ])('%s', async (_, route, most, words) => {
    expect(await limited(route, whole)({ request: post(new Uint8Array(1000)) })).toBe(1000)
    const { stream, read } = body(10 * most)
    const refused = (await limited(route, whole)({ request: post(stream) })) as Refused
    expect(refused.init.status).toBe(413)
    expect(refused.data.form[0]).toContain(words)
    // It was counted as it came: nothing beyond the limit was taken in.
    expect(read()).toBeLessThan(most + 1_000_000)
  })

  test('what announces too much is refused before it is read', async () => {
    const { stream, read } = body(5_000_000)
    const request = post(stream, { 'Content-Length': '5000000' })
    expect(((await limited('routes/library', whole)({ request })) as Refused).init.status).toBe(413)
    expect(read()).toBeLessThan(200_000)
  })

  test('what an action makes of a body that ends too early is no answer', async () => {
    const swallow = async ({ request }: { request: Request }) => request.arrayBuffer().catch(() => 'broken')
    const refused = (await limited('routes/library', swallow)({ request: post(body(5_000_000).stream) })) as Refused
    expect(refused.init.status).toBe(413)
  })

  test('a fault of the action stays a fault', async () => {
    const fail = () => Promise.reject(new Error('no'))
    await expect(limited('routes/library', fail)({ request: post('a=b') })).rejects.toThrow('no')
  })
})
