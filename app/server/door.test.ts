import { createServer, request as send, type OutgoingHttpHeaders, type Server } from 'node:http'
import { hostname } from 'node:os'
import express from 'express'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { hostName, isOwnOrigin, knownHostOnly, ownOriginOnly, usedMethodsOnly } from './door.ts'
import { nonceOf, policy } from './policy.ts'

let server: Server
let port: number
let reached = 0

beforeAll(async () => {
  const app = express()
  app.disable('x-powered-by')
  app.use(knownHostOnly, ownOriginOnly, usedMethodsOnly, ...policy)
  app.all('/{*path}', (_, response) => {
    reached++
    response.send(nonceOf(response))
  })
  server = createServer(app)
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
  port = (server.address() as { port: number }).port
})
afterAll(() => new Promise((resolve) => server.close(resolve)))

interface Answer {
  status: number
  headers: Record<string, string | string[] | undefined>
  body: string
}

const ask = (headers: OutgoingHttpHeaders, method = 'GET'): Promise<Answer> =>
  new Promise((resolve, reject) => {
    const asking = send({ port, method, path: '/anything', headers, setHost: false }, (answer) => {
      let body = ''
      answer.on('data', (chunk: Buffer) => (body += String(chunk)))
      answer.on('end', () => resolve({ status: answer.statusCode ?? 0, headers: answer.headers, body }))
    })
    asking.on('error', reject)
    asking.end()
  })

describe('the name by which it is asked', () => {
  test.each(['localhost:1', '127.0.0.1', '127.8.9.1:4310', '[::1]:4310', hostname()])('%s is its own', async (host) =>
    expect((await ask({ Host: host })).status).toBe(200),
  )

  test.each(['evil.example', 'plicator.evil.example:4310', '127.0.0.1.evil.example', 'localhost.evil.example'])(
    '%s is not, and is told so in words',
    async (host) => {
      const before = reached
      const { status, body } = await ask({ Host: host })
      expect(status).toBe(421)
      expect(body).toContain('Plicator does not answer to')
      expect(reached).toBe(before)
    },
  )

  test('those in PLICATOR_HOSTS are', async () => {
    process.env.PLICATOR_HOSTS = 'bench.example, tablet.example'
    expect((await ask({ Host: 'tablet.example:4310' })).status).toBe(200)
    delete process.env.PLICATOR_HOSTS
    expect((await ask({ Host: 'tablet.example:4310' })).status).toBe(421)
  })

  test.each(['a b', '<script>', 'a:b:c', '', 'x:999999', '../..'])('"%s" is no name: 400, not a fault', async (host) =>
    expect((await ask({ Host: host })).status).toBe(400),
  )

  test.each([
    ['LOCALHOST:80', 'localhost'],
    ['[::1]:80', '[::1]'],
    ['a.b-c', 'a.b-c'],
    [undefined, undefined],
  ])('%s names %s', (header, name) => expect(hostName(header)).toBe(name))
})

describe('what changes something', () => {
  const host = { Host: 'localhost:4310' }

  test.each(['POST', 'PUT', 'PATCH', 'DELETE'])('%s from another site is refused, on every path', async (method) => {
    const before = reached
    for (const origin of ['http://evil.example', 'null', 'http://localhost:4311', 'http://localhost:4310.evil.example'])
      expect((await ask({ ...host, Origin: origin }, method)).status, origin).toBe(403)
    for (const site of ['cross-site', 'same-site', 'none'])
      expect((await ask({ ...host, 'Sec-Fetch-Site': site }, method)).status, site).toBe(403)
    expect((await ask(host, method)).status).toBe(403)
    expect(reached).toBe(before)
  })

  test('from a page of its own is taken', async () => {
    expect((await ask({ ...host, Origin: 'http://localhost:4310' }, 'POST')).status).toBe(200)
    expect((await ask({ ...host, 'Sec-Fetch-Site': 'same-origin' }, 'POST')).status).toBe(200)
  })

  test.each(['PUT', 'PATCH', 'DELETE', 'OPTIONS', 'PROPFIND'])(
    '%s is used by no page, and reaches none',
    async (method) => {
      const before = reached
      const { status, headers, body } = await ask({ ...host, Origin: 'http://localhost:4310' }, method)
      expect([status, headers.allow]).toEqual([405, 'GET, HEAD, POST'])
      expect(body).toContain(`does nothing for ${method}`)
      expect(reached).toBe(before)
    },
  )

  test('reading is free', async () => {
    expect((await ask({ ...host, Origin: 'http://evil.example' })).status).toBe(200)
    expect(isOwnOrigin({})).toBe(false)
  })
})

describe('the policy of the pages', () => {
  test('lets no script run that does not carry the word of its page, and each page has its own', async () => {
    const [one, two] = await Promise.all([ask({ Host: 'localhost' }), ask({ Host: 'localhost' })])
    const csp = String(one.headers['content-security-policy'])
    expect(csp).toContain(`script-src 'self' 'nonce-${one.body}'`)
    expect(csp.replace(/style-src-attr [^;]*/, '')).not.toMatch(/unsafe|\*|https?:/)
    expect(one.body).not.toBe(two.body)
    expect(one.body.length).toBeGreaterThan(20)
  })

  test('nothing frames it, opens it or reads it from elsewhere; the camera and a scale are for its own pages', async () => {
    const { headers } = await ask({ Host: 'localhost' })
    expect(headers).toMatchObject({
      'cross-origin-opener-policy': 'same-origin',
      'cross-origin-resource-policy': 'same-origin',
      'x-content-type-options': 'nosniff',
      'permissions-policy': expect.stringContaining('camera=(self), serial=(self)') as string,
    })
    expect(headers['content-security-policy']).toContain("frame-ancestors 'none'")
    expect(headers).not.toHaveProperty('x-powered-by')
  })
})
