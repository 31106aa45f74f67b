import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import SqliteFile from 'better-sqlite3'
import { afterEach, beforeEach } from 'vitest'
import { databaseFile } from './data-folder.ts'
import { openDatabase } from './open-database.ts'

/** Gives every test of a file a data folder of its own; returns how to ask for it. */
export function storageFolder(): () => string {
  let folder = ''
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'plicator-storage-'))
    process.env.PLICATOR_DATA = folder
  })
  afterEach(() => rmSync(folder, { recursive: true, force: true }))
  return () => folder
}

/** Makes the database of the folder, with brands of the given names in it. */
export async function makeDatabase(brands: readonly string[] = []): Promise<void> {
  await (await openDatabase(databaseFile())).close()
  addBrands(brands)
}

export function addBrands(brands: readonly string[]): void {
  const database = new SqliteFile(databaseFile())
  const insert = database.prepare("insert into brand (id, name, name_key, created_at) values (?, ?, ?, '')")
  for (const name of brands) insert.run(name, name, name)
  database.close()
}

export function brandNames(file = databaseFile()): string[] {
  const database = new SqliteFile(file, { readonly: true })
  try {
    return database.prepare('select name from brand order by name').pluck().all() as string[]
  } finally {
    database.close()
  }
}
