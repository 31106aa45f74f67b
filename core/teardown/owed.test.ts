import { expect, test } from 'vitest'
import { openOwed } from './owed.ts'

const owed = { id: 'a', characteristic: 'can.wall', owedAt: '2026-05-01T10:00:00.000Z', settledAt: null }
const nothing = { readings: [], notes: [], photos: [] }
const later = '2026-05-01T11:00:00.000Z'
const earlier = '2026-05-01T09:00:00.000Z'

test('stands until a reading of it, or a note or a picture of its part comes later', () => {
  expect(openOwed([owed], nothing)).toEqual([owed])
  expect(openOwed([owed], { ...nothing, readings: [{ characteristic: 'can.wall', recordedAt: later }] })).toEqual([])
  expect(
    openOwed([owed], { ...nothing, readings: [{ characteristic: 'can.wall', recordedAt: earlier }] }),
  ).toHaveLength(1)
  expect(
    openOwed([owed], { ...nothing, readings: [{ characteristic: 'can.height', recordedAt: later }] }),
  ).toHaveLength(1)
  expect(openOwed([owed], { ...nothing, notes: [{ part: 'can', recordedAt: later }] })).toEqual([])
  expect(openOwed([owed], { ...nothing, photos: [{ part: 'plate', recordedAt: later }] })).toHaveLength(1)
})

test('a pending note has no moment yet and counts as later; what was settled by hand is done', () => {
  expect(openOwed([owed], { ...nothing, notes: [{ part: 'can', recordedAt: '' }] })).toEqual([])
  expect(openOwed([{ ...owed, settledAt: later }], nothing)).toEqual([])
  expect(openOwed([{ ...owed, characteristic: 'gone.since' }], nothing)).toEqual([])
})
