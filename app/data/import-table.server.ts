import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import type { Import } from './import-job.ts'

interface ImportRow extends Pick<Import, 'id' | 'name' | 'state' | 'message' | 'rows'> {
  new: number
  there: number
  refused: number
}

const toRow = ({ id, name, state, message, rows, counts }: Import): ImportRow => ({
  id,
  name,
  state,
  message,
  rows,
  ...counts,
})

/** Keeps where an import stands, so that it can be told of after the app was started again. */
export async function keepImport(job: Import): Promise<void> {
  const db = await writableDatabase()
  const { id, ...row } = toRow(job)
  await db('import')
    .insert({ id, ...row, createdAt: now() })
    .onConflict('id')
    .merge(Object.keys(row))
}

/** An import of a former run of the app. */
export async function readImport(id: string): Promise<Import | undefined> {
  const db = await database()
  const row: ImportRow | undefined = await db('import').where({ id }).first()
  if (!row) return undefined
  const { name, state, message, rows, refused, there } = row
  return { id, name, state, message, rows, counts: { new: row.new, there, refused }, progress: 1 }
}

/** Imports that were under way when the app ended: none of them goes on, and nothing of them is there. */
export async function endUnfinishedImports(message: string): Promise<number> {
  const db = await writableDatabase()
  const unfinished = (await db('import').whereNotIn('state', ['done', 'failed']).pluck('id')) as string[]
  for (const id of unfinished) {
    await removeImportedReadings(id)
    await db('import').where({ id }).update({ state: 'failed', message })
  }
  return unfinished.length
}

const rowsAtOnce = 2000

/** Takes back what an import has written, a part at a time. */
export async function removeImportedReadings(importId: string): Promise<void> {
  const db = await writableDatabase()
  for (;;) {
    const some = db('reading').where({ importId }).limit(rowsAtOnce).select('seq')
    if ((await db('reading').whereIn('seq', some).delete()) === 0) return
  }
}
