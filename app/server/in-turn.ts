import type { NextFunction, Request, Response } from 'express'
import { Turns } from '#app/turns.ts'

const turns = new Turns()

/** What is asked for, whichever thing it is about. */
const kindOf = (path: string): string => path.replaceAll(/[a-z0-9]{12}/g, ':id').slice(0, 100)

/**
 * Has who only looks wait for a turn: those who ask at once are all heard before one of them is served, what is quick
 * is served first, and what is written does not wait.
 */
export function inTurn({ method, path }: Request, response: Response, next: NextFunction): void {
  if (method !== 'GET' && method !== 'HEAD') return next()
  const serve = () => {
    if (!response.closed) next()
    return Promise.resolve()
  }
  turns.inTurn(kindOf(path), serve).catch(next)
}
