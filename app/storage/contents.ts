import SqliteFile from 'better-sqlite3'
import type { Contents } from './archive-manifest.ts'

const tables: [keyof Contents, string][] = [
  ['applications', 'application'],
  ['products', 'product'],
  ['specimens', 'specimen'],
  ['readings', 'reading'],
  ['photos', 'photo'],
  ['verdicts', 'verdict'],
]

/** How much a database file holds, whatever its version; a table that it has not yet counts as empty. */
export function countContents(file: string): Contents {
  return withDatabase(file, (database) => {
    const counted = tables.map(([name, table]) => {
      const there = database.prepare('select 1 from sqlite_master where name = ?').get(table)
      return [name, there ? database.prepare(`select count(*) from ${table}`).pluck().get() : 0]
    })
    return Object.fromEntries(counted) as Contents
  })
}

/** Opens a database file for reading, and closes it. */
export function withDatabase<T>(file: string, work: (database: SqliteFile.Database) => T): T {
  const database = new SqliteFile(file, { readonly: true, timeout: 200 })
  try {
    return work(database)
  } finally {
    database.close()
  }
}
