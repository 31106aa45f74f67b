import { existsSync } from 'node:fs'
import { dirname } from 'node:path'
import SqliteFile from 'better-sqlite3'
import { migrationNames, migrationSource } from '#db/migrations/index.ts'
import { appliedMigrations } from './applied-migrations.ts'
import { makeBackup } from './backups.ts'
import { connect } from './connect.ts'
import { copyDatabase, removeDatabase } from './copy-database.ts'
import { moveDurably, syncFile } from './durable.ts'
import { StorageError, storageProblemOf } from './storage-problem.ts'

/**
 * Brings a database file up to date, or makes it. What is to change is changed in a copy, which takes the place of the
 * file when all has gone well: a failure, or the end of the process at any moment, leaves the old file as it was. A
 * backup of the old file is made before.
 *
 * @throws StorageError of kind newer or migration
 */
export async function bringUpToDate(file: string): Promise<void> {
  const copy = `${file}.migrating`
  removeDatabase(copy)
  const isNew = !existsSync(file)
  if (!isNew) {
    const done = appliedMigrations(file)
    if (done.some((name) => !migrationNames.includes(name))) throw new StorageError('newer')
    if (done.length === migrationNames.length) return
    if (done.length > 0) await makeBackup('before-migration', { of: file })
    await copyDatabase(file, copy)
  }
  try {
    await migrate(copy)
  } catch (error) {
    removeDatabase(copy)
    if (storageProblemOf(error)) throw error
    console.error(error)
    throw new StorageError('migration', { cause: error })
  }
  if (!isNew) foldLog(file)
  syncFile(copy)
  moveDurably(copy, file, dirname(file))
}

async function migrate(file: string): Promise<void> {
  const knex = connect(file, ['foreign_keys = ON'])
  try {
    await knex.migrate.latest({ migrationSource })
  } finally {
    await knex.destroy()
  }
}

/** Writes what stands in the log of a file into it and removes the log, which would else be read into the next file. */
function foldLog(file: string): void {
  const database = new SqliteFile(file, { timeout: 200 })
  try {
    database.pragma('journal_mode = DELETE')
  } finally {
    database.close()
  }
}
