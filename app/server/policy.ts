import { randomBytes } from 'node:crypto'
import type { RequestHandler, Response } from 'express'
import helmet from 'helmet'

/** The word that the scripts and styles of one page carry. */
export const nonceOf = (response: Response): string => String(response.locals.nonce)

const giveNonce: RequestHandler = (_, response, next) => {
  response.locals.nonce = randomBytes(16).toString('base64')
  next()
}

const headers = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      'default-src': ["'none'"],
      'script-src': ["'self'", (_, response) => `'nonce-${nonceOf(response as Response)}'`],
      'style-src': ["'self'", (_, response) => `'nonce-${nonceOf(response as Response)}'`],
      // Widths and places that are worked out stand in attributes; they cannot load or run anything.
      'style-src-attr': ["'unsafe-inline'"],
      'img-src': ["'self'", 'blob:', 'data:'],
      'font-src': ["'self'"],
      'connect-src': ["'self'"],
      'media-src': ["'self'", 'blob:'],
      'worker-src': ["'self'"],
      'manifest-src': ["'self'"],
      'form-action': ["'self'"],
      'frame-ancestors': ["'none'"],
      'base-uri': ["'none'"],
      'object-src': ["'none'"],
    },
  },
  crossOriginOpenerPolicy: { policy: 'same-origin' },
  crossOriginResourcePolicy: { policy: 'same-origin' },
  referrerPolicy: { policy: 'same-origin' },
  frameguard: { action: 'deny' },
  // The server speaks plain http on this machine.
  strictTransportSecurity: false,
})

/** The site of reviews runs nothing and asks for nothing: what it shows stands in its pages. */
const siteHeaders = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      'default-src': ["'none'"],
      'style-src': ["'unsafe-inline'"],
      'img-src': ['data:'],
      'frame-ancestors': ["'none'"],
      'base-uri': ["'none'"],
      'form-action': ["'none'"],
    },
  },
  referrerPolicy: { policy: 'no-referrer' },
  frameguard: { action: 'deny' },
  strictTransportSecurity: false,
})

const headersByPath: RequestHandler = (request, response, next) =>
  (request.path.startsWith('/reviews/site/') ? siteHeaders : headers)(request, response, next)

/** A scale or a caliper at a serial port, and a camera: for pages of ours. */
const permissions: RequestHandler = (_, response, next) => {
  response.set('Permissions-Policy', 'camera=(self), serial=(self), geolocation=(), microphone=(), payment=(), usb=()')
  next()
}

/** What a browser may do with the pages. */
export const policy: RequestHandler[] = [giveNonce, headersByPath, permissions]
