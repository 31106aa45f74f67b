import { hostname, networkInterfaces } from 'node:os'
import type { RequestHandler } from 'express'
import * as texts from '#app/texts/server.ts'

const loopback = /^(localhost|127(\.\d{1,3}){3}|\[::1\])$/i

/** The name in a Host header, without its port; undefined when the header is none that can be. */
export function hostName(header: string | undefined): string | undefined {
  return /^([a-z0-9._-]+|\[[0-9a-f:.]+\])(:\d{1,5})?$/i.exec(header ?? '')?.[1]?.toLowerCase()
}

/** Names and addresses of this machine, and those in PLICATOR_HOSTS. */
function ownNames(): Set<string> {
  const addresses = Object.values(networkInterfaces()).flatMap((all) => all ?? [])
  const named = (process.env.PLICATOR_HOSTS ?? '').split(',').map((name) => name.trim().toLowerCase())
  return new Set([
    hostname().toLowerCase(),
    ...addresses.map(({ address, family }) => (family === 'IPv6' ? `[${address.toLowerCase()}]` : address)),
    ...named.filter(Boolean),
  ])
}

/** Answers to names of this machine alone: a foreign page that gives its name our address reads nothing. */
export const knownHostOnly: RequestHandler = (request, response, next) => {
  const name = hostName(request.headers.host)
  if (name === undefined) return void response.status(400).type('text').send(texts.theRequestNamesNoHost)
  if (loopback.test(name) || ownNames().has(name)) return next()
  response.status(421).type('text').send(texts.plicatorDoesNotAnswerToIf(name))
}

const usedMethods = ['GET', 'HEAD', 'POST']

/** Refuses methods that no page of ours sends, before anything is worked out for them. */
export const usedMethodsOnly: RequestHandler = (request, response, next) => {
  if (usedMethods.includes(request.method)) return next()
  response.status(405).set('Allow', usedMethods.join(', ')).type('text').send(texts.pagesAreReadWithGet(request.method))
}

/** Takes what changes something from its own pages alone, whatever route it goes to. */
export const ownOriginOnly: RequestHandler = (request, response, next) => {
  if (request.method === 'GET' || request.method === 'HEAD') return next()
  if (isOwnOrigin(request.headers)) return next()
  response.status(403).type('text').send(texts.thisWasSentByAPage)
}

/** Whether the headers say that a request comes from a page of ours. */
export function isOwnOrigin(headers: Record<string, string | string[] | undefined>): boolean {
  const { origin, host } = headers
  if (origin === undefined) return headers['sec-fetch-site'] === 'same-origin'
  return typeof host === 'string' && (origin === `http://${host}` || origin === `https://${host}`)
}
