import type { FilterPartKey } from '#core/catalogue/index.ts'
import type { Note } from '#app/data/notes.server.ts'
import type { RequestFields } from '#app/features/outbox/act.ts'

/** Notes as they are once the requests on their way to the server are done. */
export function withPendingNotes(saved: readonly Note[], pending: readonly RequestFields[]): Note[] {
  const notes = new Map(saved.map((note) => [note.id, note]))
  for (const { intent, id = '', part, text = '' } of pending) {
    if (intent === 'note' && !notes.has(id)) notes.set(id, { id, part: part as FilterPartKey, text, recordedAt: '' })
    if (intent === 'drop-note') notes.delete(id)
  }
  return [...notes.values()]
}
