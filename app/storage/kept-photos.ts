import type { Database } from 'better-sqlite3'

/** Ids of the pictures of a database, and of what lies in its trash. */
export function keptPhotos(opened: Database): string[] {
  const has = (table: string) => opened.prepare('select 1 from sqlite_master where name = ?').get(table) !== undefined
  const ids = (sql: string) => opened.prepare(sql).pluck().all() as string[]
  const shown = has('photo') ? ids('select id from photo order by id') : []
  const thrown = has('trash') ? ids('select value from trash, json_each(trash.photos)') : []
  return [...new Set([...shown, ...thrown])]
}
