import { readdirSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { createRequestHandler } from '@react-router/express'
import compression from 'compression'
import express, { type Express } from 'express'
import * as build from 'virtual:react-router/server-build'
import { knownHostOnly, ownOriginOnly, usedMethodsOnly } from './door.ts'
import { isKeyForced } from '#app/storage/house.ts'
import { enter, enterForm, houseDoor } from './house-door.ts'
import { guardedBuild } from './guarded-build.ts'
import { health } from './health.ts'
import { hearOut } from './hear-out.ts'
import { inTurn } from './in-turn.ts'
import { logRequests, requestIdOf } from './log.ts'
import { nonceOf, policy } from './policy.ts'

/** Beside the built server. */
const clientFolder = fileURLToPath(new URL('../client', import.meta.url))

/** The app: its files, and its pages. */
export function createApp(): Express {
  const app = express()
  app.disable('x-powered-by')
  // Only a proxy on this machine is believed, and only where somebody said that there is one.
  app.set('trust proxy', isKeyForced() ? 'loopback' : false)
  app.use(hearOut, logRequests, knownHostOnly, ownOriginOnly, usedMethodsOnly, ...policy)
  app.get('/health', health)
  app.get('/enter', enterForm)
  app.post('/enter', ...enter)
  app.use(houseDoor)
  // What is said as it happens must not be gathered first.
  const isStreamOfEvents = (response: express.Response) =>
    String(response.getHeader('Content-Type')).startsWith('text/event-stream')
  // To a browser on this machine compression costs more than it saves.
  const isLocal = ({ socket }: express.Request) => /^(::1|(::ffff:)?127\.)/.test(socket.remoteAddress ?? '')
  app.use(
    compression({
      level: 2,
      filter: (request, response) =>
        !isLocal(request) && !isStreamOfEvents(response) && compression.filter(request, response),
    }),
  )
  app.use('/assets', express.static(`${clientFolder}/assets`, { immutable: true, maxAge: '1y' }))
  // The service worker decides what is kept: a new one must be seen at once.
  app.get('/sw.js', (_, response) => response.sendFile(`${clientFolder}/sw.js`, { maxAge: 0 }))
  // The disk is asked for a file alone, not for every page.
  const files = new Set(readdirSync(clientFolder).map((name) => `/${name}`))
  const filesOfClient = express.static(clientFolder, { maxAge: '1h' })
  app.use((request, response, next) => (files.has(request.path) ? filesOfClient(request, response, next) : next()))
  const pages = createRequestHandler({
    build: guardedBuild(build),
    getLoadContext: ({ path }, response) => ({
      nonce: nonceOf(response),
      requestId: requestIdOf(response),
      isDocument: !path.endsWith('.data'),
    }),
  })
  app.all('/{*path}', inTurn, pages)
  return app
}
