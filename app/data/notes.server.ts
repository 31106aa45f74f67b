import type { PartKey } from '#core/catalogue/index.ts'
import { database, now } from './database.server.ts'

export interface Note {
  id: string
  part: PartKey
  text: string
  at: string
}

export async function listNotes(specimen: string): Promise<Note[]> {
  const db = await database()
  return db<Note & { specimen_id: string }>('note')
    .where({ specimen_id: specimen })
    .orderBy('at')
    .select('id', 'part', 'text', 'at')
}

export async function addNote(specimen: string, note: Omit<Note, 'at'>): Promise<void> {
  const db = await database()
  await db('note')
    .insert({ ...note, specimen_id: specimen, at: now() })
    .onConflict('id')
    .ignore()
}

export async function removeNote(specimen: string, id: string): Promise<void> {
  const db = await database()
  await db('note').where({ id, specimen_id: specimen }).delete()
}
