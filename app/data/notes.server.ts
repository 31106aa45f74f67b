import type { FilterPartKey } from '#core/catalogue/index.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import { addOnce, type Added } from './records.server.ts'

export interface Note {
  id: string
  part: FilterPartKey
  text: string
  recordedAt: string
}

export async function listNotes(specimenId: string): Promise<Note[]> {
  const db = await database()
  return db('note').where({ specimenId }).orderBy('recordedAt').select('id', 'part', 'text', 'recordedAt')
}

export const addNote = (specimenId: string, { id, part, text }: Omit<Note, 'recordedAt'>): Promise<Added> =>
  addOnce({ id, content: { specimenId, part, text } }, (trx) =>
    trx('note').insert({ id, specimenId, part, text, recordedAt: now() }),
  )

export async function removeNote(specimenId: string, id: string): Promise<void> {
  const db = await writableDatabase()
  await db('note').where({ id, specimenId }).delete()
}
