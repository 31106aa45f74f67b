declare module 'knex/lib/dialects/better-sqlite3/index.js' {
  import type { Database } from 'better-sqlite3'
  import knex from 'knex'

  export interface Query {
    sql: string
    bindings?: unknown[]
    response?: unknown
    context?: { lastID: number | bigint; changes: number }
  }

  /** Knex's own client of SQLite, as far as it is built upon. */
  export default class BetterSqliteClient extends knex.Client {
    _query(connection: Database, query: Query): Promise<Query>
    _formatBindings(bindings: unknown[] | undefined): unknown[]
  }
}
