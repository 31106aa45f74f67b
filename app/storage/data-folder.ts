import { mkdirSync } from 'node:fs'
import { join } from 'node:path'

/** Folder of all that is kept: PLICATOR_DATA, or `data` beside the app. */
export const dataFolder = (): string => process.env.PLICATOR_DATA ?? join(process.cwd(), 'data')

/** SQLite keeps a database in one file and up to two beside it. */
export const databaseFileNames = ['plicator.sqlite', 'plicator.sqlite-wal', 'plicator.sqlite-shm']

export const databaseFile = (): string => join(dataFolder(), 'plicator.sqlite')

/** A folder inside the data folder, made when it is missing. */
export function ensureFolder(name: 'photos' | 'imports' | 'backups' | 'site'): string {
  const folder = join(dataFolder(), name)
  mkdirSync(folder, { recursive: true })
  return folder
}
