import { readFileSync } from 'node:fs'
import type { AskedPage } from './server.ts'

/** A request in the log of the server: when it ended, and how long it took. */
export interface LoggedRequest {
  method: string
  path: string
  milliseconds: number
  time: string
}

export const readLog = (file: string): LoggedRequest[] =>
  readFileSync(file, 'utf8')
    .trim()
    .split('\n')
    .map((text) => JSON.parse(text) as LoggedRequest)

/** What else the server worked at while a page was waited for, the longest first. */
export function meanwhile({ at, took }: AskedPage, log: readonly LoggedRequest[]): LoggedRequest[] {
  return log
    .filter(({ time, milliseconds }) => {
      const end = Date.parse(time)
      return end >= at && end - milliseconds <= at + took
    })
    .sort((a, b) => b.milliseconds - a.milliseconds)
}
