import type SqliteFile from 'better-sqlite3'

/**
 * How many rows of a database point at nothing. The readings of an import that is under way may: their specimens are
 * made at its end, and they are taken back when it never comes.
 */
export function countBrokenReferences(opened: SqliteFile.Database): number {
  const broken = opened.pragma('foreign_key_check') as { table: string }[]
  return countUnfinishedImports(opened) > 0 ? broken.filter(({ table }) => table !== 'reading').length : broken.length
}

/** How many imports are under way, or were when the server ended. */
export const countUnfinishedImports = (opened: SqliteFile.Database): number =>
  opened.prepare("select 1 from sqlite_master where name = 'import'").get()
    ? (opened.prepare("select count(*) from import where state not in ('done', 'failed')").pluck().get() as number)
    : 0
