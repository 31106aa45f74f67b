import type { Knex } from 'knex'
import { databaseFile } from '#app/storage/data-folder.ts'
import { openDatabase, type Database } from '#app/storage/open-database.ts'
import { StorageError, storageProblemOf } from '#app/storage/storage-problem.ts'

interface Shared {
  opening: Promise<Database> | undefined
  openings: number
  /** What the last attempt to open met, and when it may be tried again. */
  failed: { error: unknown; until: number } | undefined
  /** It is not to be opened: a backup is being put in its place, or the app ends. */
  restoring: boolean
}

/** One for the process, also when the development server loads this file again. */
const shared = ((globalThis as { plicatorDatabase?: Shared }).plicatorDatabase ??= {
  opening: undefined,
  openings: 0,
  failed: undefined,
  restoring: false,
})

/** So long a database that could not be opened is left alone, in milliseconds. */
const waitAfterFailure = 1000

/** The app's database, opened at the first call; after a failure it is tried again, so that the app recovers. */
async function openedDatabase(): Promise<Database> {
  if (shared.restoring) throw new StorageError('restoring')
  if (shared.opening) return shared.opening
  if (shared.failed && Date.now() < shared.failed.until) throw shared.failed.error
  const opening = openDatabase(databaseFile())
  shared.opening = opening
  shared.openings++
  opening.catch((error: unknown) => {
    shared.opening = undefined
    shared.failed = { error, until: retryAt(error) }
  })
  return opening
}

/** What a new attempt cannot change is not tried again: a migration that failed would make a backup each time. */
const retryAt = (error: unknown): number =>
  storageProblemOf(error)?.kind === 'migration' ? Infinity : Date.now() + waitAfterFailure

/** The database for reading. */
export const database = async (): Promise<Knex> => (await openedDatabase()).read

/** The database for writing: one at a time. */
export const writableDatabase = async (): Promise<Knex> => (await openedDatabase()).write

/**
 * The database for imports. What they write points at specimens that are made when all of it is there, so foreign keys
 * are not enforced.
 */
export const importDatabase = async (): Promise<Knex> => (await openedDatabase()).import

/** How often a database was opened: another one may have the same versions. */
export const databaseOpenings = (): number => shared.openings

/** Changes whenever anything in the database has changed, or another database has taken its place. */
export async function databaseVersion(): Promise<string> {
  const [{ dataVersion }] = (await (await database()).raw('pragma data_version')) as [{ dataVersion: number }]
  return `${shared.openings} ${dataVersion}`
}

const closing: (() => Promise<void>)[] = []

/** Has something done before the database is closed: others of this process that have it open close it, too. */
export const whenDatabaseCloses = (work: () => Promise<void>): void => void closing.push(work)

/** Ends what runs, writes the log into the file of the database and closes it; the next call opens it anew. */
export async function closeDatabase(): Promise<void> {
  for (const work of closing) await work()
  const opening = shared.opening
  shared.opening = undefined
  shared.failed = undefined
  await (await opening?.catch(() => undefined))?.close()
}

/** Closes the database for good: what still runs does not open it again, and what it leaves the next start ends. */
export async function closeDatabaseForGood(): Promise<void> {
  shared.restoring = true
  await closeDatabase()
}

/** Does what exchanges the database while nobody has it open; what is asked meanwhile is told so. */
export async function withDatabaseClosed<T>(work: () => Promise<T>): Promise<T> {
  shared.restoring = true
  try {
    await closeDatabase()
    return await work()
  } finally {
    shared.restoring = false
  }
}
