import type { FilterPartKey } from '#core/catalogue/index.ts'
import { now } from './clock.ts'
import { database } from './database.server.ts'

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

export async function addNote(specimenId: string, { id, part, text }: Omit<Note, 'recordedAt'>): Promise<void> {
  const db = await database()
  await db('note').insert({ id, specimenId, part, text, recordedAt: now() }).onConflict('id').ignore()
}

export async function removeNote(specimenId: string, id: string): Promise<void> {
  const db = await database()
  await db('note').where({ id, specimenId }).delete()
}
