import { createHash } from 'node:crypto'
import type { Knex } from 'knex'
import { now } from './clock.ts'
import { writableDatabase } from './database.server.ts'

/** A thing that is made once: the id that its form was given, and all that it says. */
export interface Act {
  id: string
  content: unknown
}

/**
 * How adding went: added now or by the same act before; its name is taken by another; or its id belongs to something
 * else, which stays as it is.
 */
export type Added = 'added' | 'taken' | 'id-in-use'

/** How changing went: saved; its name is taken by another; someone else has saved it meanwhile; or it is not there. */
export type Changed = 'saved' | 'taken' | 'stale' | 'gone'

const digestOf = (content: unknown): string =>
  createHash('sha256')
    .update(JSON.stringify(content) ?? '')
    .digest('hex')

/** Whether an error is SQLite's refusal of a second row with the same key. */
const hasCode = (error: unknown, code: string): boolean =>
  error instanceof Error && 'code' in error && error.code === code

/** Makes a thing in one transaction. The same act a second time makes nothing more; an id is never taken over. */
export async function addOnce(act: Act, insert: (trx: Knex.Transaction) => Promise<unknown>): Promise<Added> {
  const db = await writableDatabase()
  const digest = digestOf(act.content)
  try {
    return await db.transaction(async (trx) => {
      const done: { digest: string } | undefined = await trx('act').where({ id: act.id }).first('digest')
      if (done) return done.digest === digest ? 'added' : 'id-in-use'
      await insert(trx)
      await trx('act').insert({ id: act.id, digest, doneAt: now() })
      return 'added'
    })
  } catch (error) {
    if (hasCode(error, 'SQLITE_CONSTRAINT_PRIMARYKEY')) return 'id-in-use'
    if (hasCode(error, 'SQLITE_CONSTRAINT_UNIQUE')) return 'taken'
    throw error
  }
}

/** Changes a row in one transaction, when it still is the version that its editor has seen. */
export async function changeSeen(
  table: string,
  { id, version }: { id: string; version: number },
  row: Record<string, unknown> | ((trx: Knex.Transaction) => Promise<Record<string, unknown>>),
): Promise<Changed> {
  const db = await writableDatabase()
  try {
    return await db.transaction(async (trx) => {
      const found: { version: number } | undefined = await trx(table).where({ id }).first('version')
      if (!found) return 'gone'
      if (found.version !== version) return 'stale'
      const changed = typeof row === 'function' ? await row(trx) : row
      await trx(table)
        .where({ id })
        .update({ ...changed, version: version + 1 })
      return 'saved'
    })
  } catch (error) {
    if (hasCode(error, 'SQLITE_CONSTRAINT_UNIQUE')) return 'taken'
    throw error
  }
}
