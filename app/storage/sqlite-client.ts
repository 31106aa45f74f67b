import { setTimeout as sleep } from 'node:timers/promises'
import type { Database, Statement } from 'better-sqlite3'
import BetterSqliteClient, { type Query } from 'knex/lib/dialects/better-sqlite3/index.js'
import { LRUCache } from 'lru-cache'
import { throwIfGivenUp } from './request-scope.ts'

/** So long another program's lock is waited for, and so often it is tried, in milliseconds. */
const longestWait = 5000
const waitBetween = 20

const statements = new WeakMap<Database, LRUCache<string, Statement>>()

/** A statement of a connection, compiled once. */
function prepared(connection: Database, sql: string): Statement {
  let known = statements.get(connection)
  if (!known) statements.set(connection, (known = new LRUCache({ max: 300 })))
  let statement = known.get(sql)
  if (!statement) known.set(sql, (statement = connection.prepare(sql)))
  return statement
}

const isBusy = (error: unknown): boolean =>
  error instanceof Error && 'code' in error && String(error.code).startsWith('SQLITE_BUSY')

function run(connection: Database, query: Query, bindings: unknown[]): Query {
  const statement = prepared(connection, query.sql === 'BEGIN;' ? 'BEGIN IMMEDIATE;' : query.sql)
  if (statement.reader) {
    query.response = statement.all(bindings)
    return query
  }
  const result = statement.run(bindings)
  query.response = result
  query.context = { lastID: result.lastInsertRowid, changes: result.changes }
  return query
}

/**
 * SQLite for Knex: statements are compiled once, a lock of another program is waited for without holding up other
 * requests, a transaction takes its lock at its beginning, and a request that was given up asks nothing more.
 */
export class SqliteClient extends BetterSqliteClient {
  override async _query(connection: Database, query: Query): Promise<Query> {
    throwIfGivenUp()
    const end = Date.now() + longestWait
    for (;;) {
      try {
        return run(connection, query, this._formatBindings(query.bindings))
      } catch (error) {
        if (!isBusy(error) || Date.now() > end) throw error
      }
      await sleep(waitBetween)
    }
  }
}
