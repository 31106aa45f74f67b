import type { RequestHandler } from 'express'
import { database } from '#app/data/database.server.ts'

/** Whether the app can do its work: 200 when the database answers, else 503. */
export const health: RequestHandler = async (_, response) => {
  try {
    await (await database()).raw('select 1')
    response.json({ status: 'ok' })
  } catch {
    response.status(503).json({ status: 'the database does not answer' })
  }
}
