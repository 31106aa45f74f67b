import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { createServer, type Server } from 'node:http'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import express from 'express'
import { afterAll, beforeAll, expect, test, vi } from 'vitest'
import { requestsSoFar } from '#app/storage/slow-requests.ts'
import { logRequests } from './log.ts'

let server: Server
let url: string
const folder = mkdtempSync(join(tmpdir(), 'plicator-log-'))

beforeAll(async () => {
  process.env.PLICATOR_DATA = folder
  const app = express()
  app.use(logRequests)
  app.get('/slow', (_, response) => void setTimeout(() => response.send('late'), 550))
  app.all('/{*path}', (_, response) => void response.status(418).send('inside'))
  server = createServer(app)
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
  url = `http://127.0.0.1:${(server.address() as { port: number }).port}`
})
afterAll(async () => {
  await new Promise((resolve) => server.close(resolve))
  rmSync(folder, { recursive: true })
})

const lines = () =>
  readFileSync(join(folder, 'log/plicator.log'), 'utf8')
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as Record<string, unknown>)

test('what was asked and how it ended is written under the number that the answer carries, and nothing of anybody', async () => {
  const answer = await fetch(`${url}/reviewer?q=Ann+Other`, {
    method: 'POST',
    headers: { Cookie: 'plicator-house=secret', 'User-Agent': 'a browser' },
    body: 'name=Ann',
  })
  await vi.waitFor(() => expect(lines()).toHaveLength(1))
  const [line] = lines()
  expect(line).toMatchObject({ method: 'POST', path: '/reviewer', status: 418, id: answer.headers.get('x-request-id') })
  expect(Object.keys(line!).sort()).toEqual(['id', 'level', 'method', 'milliseconds', 'path', 'status', 'time'])
})

test('files of the app are not written down', async () => {
  await fetch(`${url}/assets/a.js`)
  await fetch(`${url}/after`)
  await vi.waitFor(() => expect(lines().map(({ path }) => path)).toEqual(['/reviewer', '/after']))
})

test('what took long is remembered, the latest first', async () => {
  await fetch(`${url}/slow`)
  const { slow, answered } = requestsSoFar()
  expect(slow[0]).toMatchObject({ method: 'GET', path: '/slow' })
  expect(slow[0]!.milliseconds).toBeGreaterThanOrEqual(540)
  expect(answered).toBeGreaterThanOrEqual(4)
})
