import { Agent, createServer, request as send, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { createReadableStreamFromReadable } from '@react-router/node'
import express from 'express'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { hearOut } from './hear-out.ts'

let server: Server
const oneConnection = new Agent({ keepAlive: true, maxSockets: 1 })

beforeAll(async () => {
  const app = express()
  app.use(hearOut)
  app.all('/unread', (_, response) => void response.status(405).end())
  app.all('/begun', async (request, response) => {
    await createReadableStreamFromReadable(request).getReader().read()
    response.status(405).end()
  })
  app.get('/next', (_, response) => void response.end())
  server = createServer(app)
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
})
afterAll(() => {
  oneConnection.destroy()
  server.close()
})

/** Asks on the one connection; 0 is that it was dropped. */
const ask = (method: string, path: string, body?: string, isChunked = false): Promise<number> =>
  new Promise((resolve) => {
    const { port } = server.address() as AddressInfo
    const headers = body === undefined || isChunked ? {} : { 'Content-Length': body.length }
    const asking = send({ port, host: '127.0.0.1', agent: oneConnection, method, path, headers }, (answer) => {
      answer.on('end', () => resolve(answer.statusCode ?? 0)).resume()
    })
    asking.on('error', () => resolve(0))
    if (body !== undefined) asking.write(body)
    asking.end()
  })

test.each([
  { path: '/unread', isChunked: false },
  { path: '/unread', isChunked: true },
  { path: '/begun', isChunked: false },
  { path: '/begun', isChunked: true },
])('what is asked next is heard after a long body that was left: $path, chunked $isChunked', async (one) => {
  expect(await ask('POST', one.path, 'a'.repeat(3_000_000), one.isChunked)).toBe(405)
  expect(await ask('GET', '/next')).toBe(200)
})
