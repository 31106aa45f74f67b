import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { randomBytes } from 'node:crypto'
import type { RequestHandler, Response } from 'express'
import { pino, type Logger } from 'pino'
import { createStream } from 'rotating-file-stream'
import { dataFolder } from '#app/storage/data-folder.ts'
import { noteRequest } from '#app/storage/slow-requests.ts'

const kept = { size: '5M' as const, files: 5 }

let logger: Logger | undefined

/** The log of the server: a line of JSON an entry, in the data folder, turned over before it grows large. */
export function log(): Logger {
  logger ??= pino({ base: null, timestamp: pino.stdTimeFunctions.isoTime }, destination())
  return logger
}

function destination(): pino.DestinationStream {
  try {
    const path = join(dataFolder(), 'log')
    mkdirSync(path, { recursive: true })
    const file = createStream('plicator.log', { path, size: kept.size, maxFiles: kept.files })
    // A full disk takes the log first, and nothing else.
    file.on('error', () => undefined)
    return file
  } catch {
    return { write: () => undefined }
  }
}

/** The number by which a request is found in the log. */
export const requestIdOf = (response: Response): string => String(response.locals.requestId)

/** Writes down what was asked and how it ended: no address of anybody, nothing that was typed or searched. */
export const logRequests: RequestHandler = (request, response, next) => {
  const began = performance.now()
  const id = randomBytes(4).toString('hex')
  response.locals.requestId = id
  response.set('X-Request-Id', id)
  const { method, path } = request
  response.on('finish', () => {
    const milliseconds = Math.round(performance.now() - began)
    const isStream = String(response.getHeader('Content-Type')).startsWith('text/event-stream')
    if (!isStream) noteRequest({ at: new Date().toISOString(), method, path, milliseconds })
    if (!path.startsWith('/assets/')) log().info({ id, method, path, status: response.statusCode, milliseconds })
  })
  next()
}
