import { urlencoded, type Request, type RequestHandler, type Response } from 'express'
import { rateLimit } from 'express-rate-limit'
import { deviceOfToken, isHouseLocked, isKeyForced, letIn, roleOfKey, type HouseRole } from '#app/storage/house.ts'
import * as texts from '#app/texts/server.ts'
import { enterPage } from './enter-page.ts'
import { nonceOf } from './policy.ts'

const cookieName = 'plicator-house'
/** Reachable without a key: the way in, and files of the app that hold nothing of anybody. */
const open = /^\/(enter|health|assets\/.*|favicon\.svg|sw\.js)$/
/** Guests look at filters, not at the house. */
const hostsOnly = /^\/(backups|devices|import|state)(\/|\.|$)/
const minute = 60_000
const tries = { most: 10, within: 15 * minute }

/** Nobody comes in without the key of the house; guests change nothing. */
export const houseDoor: RequestHandler = (request, response, next) => {
  const path = plainPath(request)
  if (!isHouseLocked() || open.test(path)) return next()
  const role = roleOf(request)
  if (!role) return turnAway(request, response)
  if (role === 'guest' && (hostsOnly.test(path) || !['GET', 'HEAD'].includes(request.method)))
    return void response.status(403).type('text').send(texts.guestsMayLookAndChangeNothing)
  next()
}

/** The path as the pages will read it, whatever detours it was written with. */
function plainPath({ originalUrl }: Request): string {
  try {
    const { pathname } = new URL(`http://plicator${originalUrl}`)
    return decodeURIComponent(pathname).replace(/\/+/g, '/').toLowerCase()
  } catch {
    return '/'
  }
}

/** This machine is at home, unless a proxy stands before it. */
function roleOf(request: Request): HouseRole | undefined {
  const isHere = /^(::1|(::ffff:)?127\.)/.test(request.socket.remoteAddress ?? '')
  if (isHere && !isKeyForced() && request.headers['x-forwarded-for'] === undefined) return 'full'
  return deviceOfToken(cookieOf(request))?.role
}

const cookieOf = ({ headers }: Request): string | undefined =>
  new RegExp(`(?:^|; )${cookieName}=([\\w.-]+)`).exec(headers.cookie ?? '')?.[1]

function turnAway(request: Request, response: Response): void {
  const isPage = request.method === 'GET' && request.headers.accept?.includes('text/html')
  if (isPage && !request.path.endsWith('.data')) return response.redirect(303, '/enter')
  response.status(401).type('text').send(texts.nobodyComesInWithoutTheKey)
}

/** So many wrong keys in a while, and no more of them are looked at. */
const fewTries = rateLimit({
  windowMs: tries.within,
  limit: tries.most,
  skipSuccessfulRequests: true,
  standardHeaders: 'draft-8',
  legacyHeaders: false,
  validate: false,
  handler: (_, response) =>
    void response.status(429).send(enterPage(nonceOf(response), texts.tooManyWrongKeysFromThis)),
})

/** The way in: a page that asks for the key, and what it sends. */
export const enterForm: RequestHandler = (_, response) => {
  response.type('html').send(enterPage(nonceOf(response)))
}

export const enter: RequestHandler[] = [
  fewTries,
  urlencoded({ extended: false, limit: '4kb' }),
  (request, response) => {
    const { key, name } = (request.body ?? {}) as Record<string, unknown>
    const role = roleOfKey(typeof key === 'string' ? key.slice(0, 100) : '')
    if (!role) return void response.status(403).send(enterPage(nonceOf(response), texts.thatIsNotTheKeyOf))
    const { token, seconds } = letIn(nameOf(name, request), role)
    response.cookie(cookieName, token, {
      httpOnly: true,
      sameSite: 'strict',
      secure: request.secure,
      maxAge: seconds * 1000,
      path: '/',
    })
    response.redirect(303, '/')
  },
]

/** What a device is called: as its user said, else by its browser. */
function nameOf(said: unknown, { headers }: Request): string {
  const name = typeof said === 'string' ? said.trim().slice(0, 60) : ''
  if (name !== '') return name
  const agent = headers['user-agent'] ?? ''
  return /iPad|Android|iPhone|Windows|Macintosh|Linux/.exec(agent)?.[0] ?? texts.aDevice
}
