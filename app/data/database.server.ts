import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import knexModule, { type Knex } from 'knex'
import { migrationSource } from '#db/migrations/index.ts'
import { now } from './clock.ts'
import { camelCaseRows, snakeCase } from './identifier-mapping.ts'

/** Folder of the database: PLICATOR_DATA, or `data` beside the app. */
export const dataFolder = (): string => process.env.PLICATOR_DATA ?? join(process.cwd(), 'data')

/**
 * Opens a database file, brings it up to date and returns it.
 *
 * Columns are named in camel case by the code and in snake case by the file. Foreign keys are enforced; the journal is
 * a write-ahead log, so that reading goes on while a reading is being written.
 */
export async function openDatabase(file: string): Promise<Knex> {
  const knex = knexModule({
    client: 'better-sqlite3',
    connection: { filename: file },
    useNullAsDefault: true,
    // Knex asks for names that were not given, too.
    wrapIdentifier: (name: string | undefined, quote) => (name === undefined ? name : quote(snakeCase(name))) as string,
    postProcessResponse: camelCaseRows,
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

/** Whether an error is SQLite's refusal of a second row with the same key. */
const isDuplicate = (error: unknown): boolean =>
  error instanceof Error &&
  'code' in error &&
  (error.code === 'SQLITE_CONSTRAINT_UNIQUE' || error.code === 'SQLITE_CONSTRAINT_PRIMARYKEY')

/** Saves, and says when another row has the name already. */
export async function savedUnlessTaken(save: () => Promise<unknown>): Promise<'saved' | 'taken'> {
  try {
    await save()
    return 'saved'
  } catch (error) {
    if (isDuplicate(error)) return 'taken'
    throw error
  }
}

/** Adds a row, or changes the one that has its id; when it was made stays. */
export async function upsert(db: Knex, table: string, { id, ...row }: { id: string } & Record<string, unknown>) {
  await db(table)
    .insert({ id, ...row, createdAt: now() })
    .onConflict('id')
    .merge(Object.keys(row))
}
