import { expect, test } from 'vitest'
import { readings } from '#core/teardown/readings.fixture.ts'
import { logEntries } from './log-entries.ts'

const at = (minute: number): string => `2026-05-01T10:${String(minute).padStart(2, '0')}:00.000Z`
const [wall, weight] = readings({ 'can.wall': { typed: '20 thou', struck: true }, 'whole.weight': '302 g' })

const log = {
  readings: [
    { ...wall!, recordedAt: at(9) },
    { ...weight!, recordedAt: at(2) },
  ],
  starts: [
    { station: 'outside' as const, startedAt: at(2) },
    { station: 'parts' as const, startedAt: at(8) },
  ],
  steps: [
    { step: 'cut' as const, passedAt: at(7), reason: 'no scale at hand', missing: ['whole.weight'] },
    { step: 'apart' as const, passedAt: at(11), reason: '', missing: [] },
  ],
  notes: [{ id: 'n1', part: 'can' as const, text: 'a dent', recordedAt: at(5) }],
  photos: [{ id: 'p1', part: 'can' as const, name: 'dent.jpg', width: 1, height: 1, recordedAt: at(6) }],
}

test('everything that happened stands in its order, a station before its first reading', () => {
  expect(logEntries(log as never, 'metric').map(({ kind, text }) => `${kind}: ${text}`)).toEqual([
    'Station: Outside begins',
    'Reading: Whole weight 302.0 g',
    'Note: Can: a dent',
    'Photo: Can: dent.jpg',
    'No return: cut made: no scale at hand',
    'Station: Parts out begins',
    'Reading: Can wall 0.51 mm',
    'No return: element taken apart',
  ])
})

test('what was struck is there, marked', () => {
  const voided = logEntries(log as never, 'metric').filter(({ isVoided }) => isVoided)
  expect(voided.map(({ text }) => text)).toEqual(['Can wall 0.51 mm'])
})

test('values are in the units of the user', () => {
  const said = logEntries(log as never, 'imperial').map(({ text }) => text)
  expect(said).toContain('Can wall 0.020 in')
  expect(said.some((text) => /^Whole weight 10\.65 oz$/.test(text))).toBe(true)
})
