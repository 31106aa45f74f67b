import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import SqliteFile from 'better-sqlite3'
import { z } from 'zod'
import { dataFolder } from './data-folder.ts'

/** Another process works on the data folder. */
export class FolderInUse extends Error {
  constructor(holder: string) {
    super(`${dataFolder()} is in use by ${holder}.`)
  }
}

const holderSchema = z.object({ holder: z.string() })

/**
 * Takes the data folder for this process alone. The lock is one of the operating system, held through SQLite: it ends
 * with the process, however that ends, and leaves nothing that would keep the next one out.
 *
 * @param holder who takes it, as another one is told
 * @throws FolderInUse
 */
export function lockFolder(holder: string): { release(): void } {
  mkdirSync(dataFolder(), { recursive: true })
  const noteFile = join(dataFolder(), 'in-use.json')
  const lock = new SqliteFile(join(dataFolder(), 'in-use.lock'), { timeout: 0 })
  try {
    lock.exec('begin exclusive')
  } catch (error) {
    lock.close()
    if (error instanceof Error && 'code' in error && String(error.code).startsWith('SQLITE_BUSY'))
      throw new FolderInUse(readHolder(noteFile))
    throw error
  }
  writeFileSync(noteFile, JSON.stringify({ holder, pid: process.pid }))
  return { release: () => void lock.close() }
}

function readHolder(file: string): string {
  try {
    return holderSchema.parse(JSON.parse(readFileSync(file, 'utf8'))).holder
  } catch {
    return 'another process'
  }
}
