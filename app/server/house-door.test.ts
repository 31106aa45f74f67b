import { mkdtempSync, rmSync, statSync, readFileSync } from 'node:fs'
import { createServer, request as send, type IncomingHttpHeaders, type Server } from 'node:http'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import express from 'express'
import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest'
import { houseKeys, listDevices, sendAway } from '#app/storage/house.ts'
import { enter, enterForm, houseDoor } from './house-door.ts'

let server: Server
let port: number
let reached: string[] = []
const folder = mkdtempSync(join(tmpdir(), 'plicator-house-'))

beforeAll(async () => {
  process.env.PLICATOR_DATA = folder
  process.env.PLICATOR_KEY = 'always'
  const app = express()
  app.get('/enter', enterForm)
  app.post('/enter', ...enter)
  app.use(houseDoor)
  app.all('/{*path}', (request, response) => {
    reached.push(request.path)
    response.send('inside')
  })
  server = createServer(app)
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
  port = (server.address() as { port: number }).port
})
beforeEach(() => (reached = []))
afterAll(async () => {
  await new Promise((resolve) => server.close(resolve))
  rmSync(folder, { recursive: true })
  delete process.env.PLICATOR_KEY
})

interface Asked {
  method?: string
  cookie?: string | undefined
  body?: string
  accept?: string
}

interface Answer {
  status: number
  headers: IncomingHttpHeaders
  body: string
}

/** The path as it is, with its detours. */
const ask = (path: string, { method = 'GET', cookie, body, accept }: Asked = {}): Promise<Answer> =>
  new Promise((resolve, reject) => {
    const headers = {
      ...(cookie && { Cookie: cookie }),
      ...(accept && { Accept: accept }),
      ...(body !== undefined && { 'Content-Type': 'application/x-www-form-urlencoded' }),
    }
    const asking = send({ port, method, path, headers }, (answer) => {
      let text = ''
      answer.on('data', (chunk: Buffer) => (text += String(chunk)))
      answer.on('end', () => resolve({ status: answer.statusCode ?? 0, headers: answer.headers, body: text }))
    })
    asking.on('error', reject)
    asking.end(body)
  })

async function comeIn(key: string, name = 'tablet'): Promise<string> {
  const { status, headers } = await ask('/enter', { method: 'POST', body: String(new URLSearchParams({ key, name })) })
  expect(status).toBe(303)
  return headers['set-cookie']![0]!.split(';')[0]!
}

describe('without the key', () => {
  test.each(['/', '/bench', '/backups', '/backups/file', '/library.data', '/photos/x', '/export/readings.csv'])(
    '%s is not reached',
    async (path) => {
      for (const method of ['GET', 'POST', 'PUT', 'DELETE', 'HEAD'])
        expect((await ask(path, { method })).status).toBe(401)
      expect(reached).toEqual([])
    },
  )

  test('a page leads to the way in', async () => {
    const { status, headers } = await ask('/bench', { accept: 'text/html' })
    expect([status, headers.location]).toEqual([303, '/enter'])
    expect((await ask('/enter')).body).toContain('Key of the house')
  })

  test.each([
    '/assets/../backups',
    '/assets/%2e%2e/backups',
    '/enter/../bench',
    '/sw.js/../state',
    '/health/..//bench',
  ])('a detour leads nowhere: %s', async (path) => {
    expect((await ask(path)).status).toBe(401)
    expect(reached).toEqual([])
  })

  test.each(['', 'plicator-house=', 'plicator-house=a.b.c', 'plicator-house=tablet.9999999999999.AAAA'])(
    'a cookie that is not ours opens nothing: %j',
    async (cookie) => expect((await ask('/bench', { cookie })).status).toBe(401),
  )

  test('files of the app that hold nothing of anybody are there', async () => {
    expect((await ask('/assets/a.js')).body).toBe('inside')
  })
})

describe('with the key', () => {
  test('a device is in, by a cookie that no script reads and no other site sends', async () => {
    const { headers } = await ask('/enter', {
      method: 'POST',
      body: String(new URLSearchParams({ key: houseKeys().full.toUpperCase() })),
    })
    expect(headers['set-cookie']![0]).toMatch(/HttpOnly; SameSite=Strict$/)
    const cookie = await comeIn(houseKeys().full)
    expect((await ask('/bench', { cookie })).body).toBe('inside')
    expect((await ask('/bench', { cookie, method: 'POST' })).body).toBe('inside')
  })

  test('it is out again once it is sent away, and others stay', async () => {
    const [gone, stays] = [await comeIn(houseKeys().full, 'lost phone'), await comeIn(houseKeys().full, 'bench')]
    sendAway(listDevices().find(({ name }) => name === 'lost phone')!.id)
    expect((await ask('/bench', { cookie: gone })).status).toBe(401)
    expect((await ask('/bench', { cookie: stays })).status).toBe(200)
  })

  test('a guest looks at filters, changes nothing, and does not get at the house', async () => {
    const cookie = await comeIn(houseKeys().guest)
    expect((await ask('/lineups/x/verdict', { cookie })).body).toBe('inside')
    reached = []
    for (const method of ['POST', 'PUT', 'PATCH', 'DELETE'])
      expect((await ask('/bench', { cookie, method })).status).toBe(403)
    for (const path of [
      '/backups',
      '/Backups/readable.zip',
      '//backups',
      '/%62ackups',
      '/devices.data',
      '/x/../import',
    ])
      expect((await ask(path, { cookie })).status).toBe(403)
    expect(reached).toEqual([])
  })

  test('what is kept is for the owner alone, and holds no key', async () => {
    await comeIn(houseKeys().guest)
    const file = join(folder, 'house.json')
    expect(statSync(file).mode & 0o777).toBe(0o600)
    for (const key of Object.values(houseKeys())) expect(readFileSync(file, 'utf8')).not.toContain(key)
  })
})

test('after ten wrong keys no more are looked at, not even the right one', async () => {
  const typed = (key: string) => ask('/enter', { method: 'POST', body: String(new URLSearchParams({ key })) })
  const first = await typed('wrong')
  expect([first.status, first.body]).toEqual([403, expect.stringContaining('That is not the key of this house.')])
  for (let tries = 1; tries < 10; tries++) expect((await typed(`wrong${tries}`)).status).toBe(403)
  const last = await typed(houseKeys().full)
  expect([last.status, last.body]).toEqual([429, expect.stringContaining('Too many wrong keys')])
})
