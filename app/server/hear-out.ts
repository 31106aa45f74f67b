import type { RequestHandler } from 'express'

/**
 * Takes in what is left of a body that its answer did not wait for: until all of it has come, nothing that is asked
 * next on the same connection is heard.
 */
export const hearOut: RequestHandler = (request, response, next) => {
  response.once('finish', () => {
    if (request.complete) return
    request.removeAllListeners('data').removeAllListeners('readable')
    request.resume()
  })
  next()
}
