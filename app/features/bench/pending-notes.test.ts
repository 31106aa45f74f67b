import { expect, test } from 'vitest'
import { withPendingNotes } from './pending-notes.ts'

const kept = { id: 'n1', part: 'can' as const, text: 'a dent', recordedAt: '2026-05-01T10:00:00.000Z' }

test('a note on its way is there at once, after those that are kept, and once', () => {
  const note = { intent: 'note', id: 'n2', part: 'plate', text: 'rust at the rim' }
  const notes = withPendingNotes([kept], [note, note])
  expect(notes.map(({ id, part, text }) => [id, part, text])).toEqual([
    ['n1', 'can', 'a dent'],
    ['n2', 'plate', 'rust at the rim'],
  ])
})

test('one that is kept already is not there twice, and one that is dropped is gone at once', () => {
  expect(withPendingNotes([kept], [{ intent: 'note', id: 'n1', part: 'can', text: 'a dent' }])).toEqual([kept])
  expect(withPendingNotes([kept], [{ intent: 'drop-note', id: 'n1' }])).toEqual([])
})

test('other acts change no note', () => {
  expect(withPendingNotes([kept], [{ intent: 'take', id: 'n1' }])).toEqual([kept])
})
