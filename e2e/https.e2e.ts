import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import type { IncomingMessage } from 'node:http'
import { request, type RequestOptions } from 'node:https'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { text } from 'node:stream/consumers'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { freePort, startApp, type App } from './app.ts'
import { certificate, certificateKey, otherKey } from './certificate.fixture.ts'

const folder = mkdtempSync(join(tmpdir(), 'plicator-tls-'))
const file = (name: string) => join(folder, name)
for (const [name, pem] of Object.entries({ cert: certificate, key: certificateKey, other: otherKey }))
  writeFileSync(file(name), pem)

afterAll(() => rmSync(folder, { recursive: true, force: true }))

describe('with a certificate', () => {
  let app: App
  let address: string
  beforeAll(async () => {
    const env = { TLS_CERT: file('cert'), TLS_KEY: file('key'), PLICATOR_KEY: 'always' }
    app = await startApp({ demo: false, env })
    address = app.url.replace('http:', 'https:')
  })
  afterAll(() => app.stop())

  const ask = (path: string, options: RequestOptions = {}, body = ''): Promise<IncomingMessage> =>
    new Promise((resolve, reject) => {
      const asked = request(`${address}${path}`, { ...options, ca: certificate }, resolve)
      asked.on('error', reject)
      asked.end(body)
    })

  test('the start says https, also in the address of the key', () => {
    expect(app.said).toContain(`Plicator is at ${address}`)
    expect(app.said).toMatch(/https:\/\/[^ ]+\/enter#/)
  })

  test('who comes in with the key has a cookie that goes nowhere without encryption, and is in', async () => {
    expect((await ask('/library')).statusCode).toBe(401)
    const key = /all of it .*\/enter#([a-z0-9-]+)/.exec(app.said)![1]!
    const form = { 'Content-Type': 'application/x-www-form-urlencoded', Origin: address }
    const entered = await ask('/enter', { method: 'POST', headers: form }, `name=bench&key=${key}`)
    expect(entered.statusCode).toBe(303)
    const [cookie] = entered.headers['set-cookie']!
    expect(cookie).toMatch(/; HttpOnly/)
    expect(cookie).toMatch(/; Secure/)
    expect(cookie).toMatch(/; SameSite=Strict/)
    const library = await ask('/library', { headers: { Cookie: cookie!.split(';')[0]! } })
    expect(library.statusCode).toBe(200)
    expect(await text(library)).toContain('Library · Plicator')
  })

  test('what comes from an address without encryption is not its own', async () => {
    const headers = { 'Content-Type': 'application/x-www-form-urlencoded', Origin: app.url }
    expect((await ask('/enter', { method: 'POST', headers }, 'name=a&key=b')).statusCode).toBe(403)
  })

  test('without encryption nothing answers there', async () => {
    await expect(fetch(`${app.url}/health`)).rejects.toThrow('fetch failed')
  })
})

test.each([
  ['a certificate without its key', { TLS_CERT: file('cert') }, 'TLS_KEY must name the file of its key'],
  ['a key of another certificate', { TLS_CERT: file('cert'), TLS_KEY: file('other') }, 'cannot be used'],
  ['a certificate that is not there', { TLS_CERT: file('none'), TLS_KEY: file('key') }, 'cannot be used'],
])('%s ends the start, and says why', async (_, env, words) => {
  const port = String(await freePort())
  const { status, stderr } = spawnSync('node', ['bin/serve.mjs'], {
    cwd: join(import.meta.dirname, '..'),
    env: { ...process.env, NODE_ENV: 'production', PLICATOR_DATA: file(`data-${port}`), PORT: port, ...env },
    encoding: 'utf8',
    timeout: 30_000,
  })
  expect(status).toBe(1)
  expect(stderr).toContain(words)
})
