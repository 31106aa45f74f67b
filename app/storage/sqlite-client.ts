import { setTimeout as sleep } from 'node:timers/promises'
import type { Database, Statement } from 'better-sqlite3'
import BetterSqliteClient, { type Query } from 'knex/lib/dialects/better-sqlite3/index.js'
import { LRUCache } from 'lru-cache'
import { camelCase } from './identifier-mapping.ts'
import { throwIfGivenUp } from './request-scope.ts'

/** So long another program's lock is waited for, and so often it is tried, in milliseconds. */
const longestWait = 5000
const waitBetween = 20

/** A compiled statement, and the columns that it answers with as the code names them. */
interface Prepared {
  statement: Statement<unknown[], unknown[]>
  columns: string[]
}

const statements = new WeakMap<Database, LRUCache<string, Prepared>>()

const changesTables = /^\s*(alter|create|drop)\b/i

/** A statement of a connection, compiled once as long as the tables stay as they are. */
function prepared(connection: Database, sql: string): Prepared {
  if (changesTables.test(sql)) statements.delete(connection)
  let known = statements.get(connection)
  if (!known) statements.set(connection, (known = new LRUCache({ max: 300 })))
  let found = known.get(sql)
  if (!found) known.set(sql, (found = compiled(connection, sql)))
  return found
}

/** Rows are answered as lists of values: those come twice as fast out of SQLite as objects do. */
function compiled(connection: Database, sql: string): Prepared {
  const statement = connection.prepare<unknown[], unknown[]>(sql)
  if (!statement.reader) return { statement, columns: [] }
  return { statement: statement.raw(), columns: statement.columns().map(({ name }) => camelCase(name)) }
}

function namedRow(columns: readonly string[], values: readonly unknown[]): Record<string, unknown> {
  const row: Record<string, unknown> = {}
  for (let at = 0; at < columns.length; at++) row[columns[at] ?? ''] = values[at]
  return row
}

const isBusy = (error: unknown): boolean =>
  error instanceof Error && 'code' in error && String(error.code).startsWith('SQLITE_BUSY')

function run(connection: Database, query: Query, bindings: unknown[]): Query {
  const { statement, columns } = prepared(connection, query.sql === 'BEGIN;' ? 'BEGIN IMMEDIATE;' : query.sql)
  if (statement.reader) {
    query.response = statement.all(bindings).map((values) => namedRow(columns, values))
    return query
  }
  const result = statement.run(bindings)
  query.response = result
  query.context = { lastID: result.lastInsertRowid, changes: result.changes }
  return query
}

/**
 * SQLite for Knex: statements are compiled once, columns are named as the code names them, a lock of another program
 * is waited for without holding up other requests, a transaction takes its lock at its beginning, and a request that
 * was given up asks nothing more.
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
