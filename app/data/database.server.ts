import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import knexModule, { type Knex } from 'knex'
import { migrationSource } from '#db/migrations/index.ts'

/** Folder of the database: PLICATOR_DATA, or `data` beside the app. */
export const dataFolder = (): string => process.env.PLICATOR_DATA ?? join(process.cwd(), 'data')

/**
 * Opens a database file, brings it up to date and returns it.
 *
 * Foreign keys are enforced; the journal is a write-ahead log, so that reading goes on while a reading
 * is being written.
 */
export async function openDatabase(file: string): Promise<Knex> {
  const knex = knexModule({
    client: 'better-sqlite3',
    connection: { filename: file },
    useNullAsDefault: true,
    pool: {
      min: 1,
      max: 1,
      afterCreate(connection: { pragma(text: string): unknown }, done: (error: Error | null) => void) {
        connection.pragma('journal_mode = WAL')
        connection.pragma('foreign_keys = ON')
        connection.pragma('synchronous = NORMAL')
        connection.pragma('busy_timeout = 5000')
        done(null)
      },
    },
  })
  await knex.migrate.latest({ migrationSource })
  return knex
}

const shared = globalThis as { plicatorDatabase?: Promise<Knex> }

/** The app's database, opened at the first call. */
export function database(): Promise<Knex> {
  shared.plicatorDatabase ??= (async () => {
    mkdirSync(dataFolder(), { recursive: true })
    return openDatabase(join(dataFolder(), 'plicator.sqlite'))
  })()
  return shared.plicatorDatabase
}

/** The current moment as it is stored: UTC, ISO 8601. */
export const now = (): string => new Date().toISOString()

/** Whether an error is SQLite's refusal of a second row with the same key. */
export const isDuplicate = (error: unknown): boolean =>
  error instanceof Error &&
  'code' in error &&
  (error.code === 'SQLITE_CONSTRAINT_UNIQUE' || error.code === 'SQLITE_CONSTRAINT_PRIMARYKEY')
