import knexModule, { type Knex } from 'knex'
import { snakeCase } from './identifier-mapping.ts'
import { SqliteClient } from './sqlite-client.ts'

type Connection = { pragma(text: string): unknown }

/** A connection to a database file, with the given settings of SQLite; it is closed when idle if none is to be kept. */
export function connect(filename: string, pragmas: string[], { kept = 1 } = {}): Knex {
  return knexModule({
    client: SqliteClient,
    connection: { filename },
    useNullAsDefault: true,
    // Knex asks for names that were not given, too.
    wrapIdentifier: (name: string | undefined, quote) => (name === undefined ? name : quote(snakeCase(name))) as string,
    pool: {
      min: kept,
      max: 1,
      afterCreate(connection: Connection, done: (error: unknown) => void) {
        try {
          for (const pragma of pragmas) connection.pragma(pragma)
          done(null)
        } catch (error) {
          done(error)
        }
      },
    },
  })
}
