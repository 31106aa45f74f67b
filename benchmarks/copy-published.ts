import { createHash } from 'node:crypto'
import SqliteFile from 'better-sqlite3'
import { newId } from '#app/data/id.ts'

/** Copies the published review of a database so often, each with a title and a sum of its own. */
export function copyPublished(file: string, count: number): void {
  const database = new SqliteFile(file)
  const row = (table: string) =>
    database.prepare(`select * from ${table} limit 1`).get() as Record<string, string | number | null>
  const insert = (table: string, values: Record<string, string | number | null>) => {
    const names = Object.keys(values)
    database
      .prepare(`insert into ${table} (${names.join(', ')}) values (${names.map((name) => `@${name}`).join(', ')})`)
      .run(values)
  }
  const version = row('review_version')
  const review = database.prepare('select * from review where id = ?').get(version.review_id) as typeof version
  database.transaction(() => {
    for (let at = 0; at < count; at++) {
      const id = newId()
      const content = String(version.content).replace('Twelve oil filters', `Twelve oil filters, part ${at}`)
      insert('review', { ...review, id })
      insert('review_version', {
        ...{ ...version, id: newId(), review_id: id, content },
        hash: createHash('sha256').update(content).digest('hex'),
      })
    }
  })()
  database.close()
}
