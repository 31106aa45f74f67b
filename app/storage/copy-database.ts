import { rmSync } from 'node:fs'
import SqliteFile from 'better-sqlite3'

/**
 * Copies a database as it stands at this moment, while others read and write it: one reading transaction holds the
 * moment fast. The copy is one file, without a log.
 */
export async function copyDatabase(from: string, to: string): Promise<void> {
  const source = new SqliteFile(from, { readonly: true, timeout: 5000 })
  try {
    source.exec('begin')
    source.prepare('select count(*) from sqlite_master').get()
    await source.backup(to, { progress: () => pagesAtOnce })
  } finally {
    source.close()
  }
  const copy = new SqliteFile(to)
  try {
    copy.pragma('journal_mode = DELETE')
  } finally {
    copy.close()
  }
}

/** So many are copied between two moments in which a server can answer. */
const pagesAtOnce = 500

/** Removes a database with all that lies beside it. */
export function removeDatabase(file: string): void {
  for (const end of ['', '-wal', '-shm', '-journal']) rmSync(`${file}${end}`, { force: true })
}
