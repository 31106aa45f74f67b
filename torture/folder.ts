import { execFileSync } from 'node:child_process'
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gunzipSync } from 'node:zlib'
import SqliteFile from 'better-sqlite3'

const root = join(import.meta.dirname, '..')

export const emptyFolder = (): string => mkdtempSync(join(tmpdir(), 'plicator-torture-'))

let demo: string | undefined

/** A folder with the demo in it. */
export function demoFolder(): string {
  if (!demo) {
    demo = emptyFolder()
    const env = { ...process.env, PLICATOR_DATA: demo }
    execFileSync('npx', ['tsx', 'db/demo/load.ts'], { cwd: root, env, stdio: 'ignore' })
  }
  const folder = emptyFolder()
  cpSync(demo, folder, { recursive: true })
  return folder
}

/** A folder with a database of a former version. */
export function formerFolder(): string {
  const folder = emptyFolder()
  const former = readFileSync(join(root, 'db/migrations/fixtures/before-007.sqlite.gz'))
  writeFileSync(join(folder, 'plicator.sqlite'), gunzipSync(former))
  return folder
}

export const removeFolder = (folder: string): void => rmSync(folder, { recursive: true, force: true })

export function removeDemo(): void {
  if (demo) removeFolder(demo)
}

/** Asks the database of a folder that no server has open, or that one has. */
export function ask<T>(folder: string, question: (database: SqliteFile.Database) => T): T {
  const database = new SqliteFile(join(folder, 'plicator.sqlite'), { readonly: true, timeout: 5000 })
  try {
    return question(database)
  } finally {
    database.close()
  }
}

export const isWhole = (folder: string): boolean =>
  ask(folder, (database) => {
    const [first] = database.pragma('integrity_check(1)') as { integrity_check: string }[]
    return first?.integrity_check === 'ok' && (database.pragma('foreign_key_check') as unknown[]).length === 0
  })

/** Ids of specimens that have the wall of a can, which is what is read here over and over. */
export const specimenIds = (folder: string): string[] =>
  ask(folder, (database) =>
    database
      .prepare("select distinct specimen_id from reading where characteristic = 'can.wall' order by specimen_id")
      .pluck()
      .all(),
  ) as string[]
