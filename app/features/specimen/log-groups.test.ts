import { describe, expect, test } from 'vitest'
import type { LogEntry } from './log-entries.ts'
import { formatDuration, groupLog, timeOfDay } from './log-groups.ts'

const at = (minute: number, second = 0) => new Date(Date.UTC(2026, 4, 1, 10, minute, second)).toISOString()
const entry = (minute: number, kind: LogEntry['kind'], text: string): LogEntry => ({
  at: at(minute),
  kind,
  text,
  isVoided: false,
})

describe('a log by stations', () => {
  test('each lasts until the next begins, the last until its last entry', () => {
    const groups = groupLog([
      entry(0, 'Note', 'a dent'),
      entry(2, 'Station', 'Outside begins'),
      entry(3, 'Reading', 'Whole weight'),
      entry(8, 'Station', 'Parts out begins'),
      entry(9, 'Reading', 'Can wall'),
      entry(11, 'Photo', 'dent.jpg'),
    ])
    expect(groups.map(({ label, seconds, entries }) => [label, seconds, entries.length])).toEqual([
      ['Before the first station', 120, 1],
      ['Outside', 360, 1],
      ['Parts out', 180, 2],
    ])
    expect(groupLog([])).toEqual([])
  })

  test('where no beginning was noted, the readings say which station it is', () => {
    const groups = groupLog([
      { ...entry(1, 'Reading', 'Part number'), station: 'Box' },
      entry(2, 'Note', 'a dent'),
      { ...entry(4, 'Reading', 'Can height'), station: 'Outside' },
      { ...entry(5, 'Reading', 'Can wall'), station: 'Parts out' },
    ])
    expect(groups.map(({ label, seconds, entries }) => [label, seconds, entries.length])).toEqual([
      ['Box', 180, 2],
      ['Outside', 60, 1],
      ['Parts out', 0, 1],
    ])
  })

  test.each([
    [12, '12 s'],
    [372, '6 min 12 s'],
    [7500, '2 h 5 min'],
    [0, '0 s'],
  ])('%i s are said as %s', (seconds, said) => expect(formatDuration(seconds)).toBe(said))
})

describe('a time of the day', () => {
  const near = new Date(2026, 4, 1, 10, 30, 0).toISOString()

  test('is of the day of what was recorded, or of the night before or after', () => {
    expect(timeOfDay('9:05', near)).toBe(new Date(2026, 4, 1, 9, 5, 0).toISOString())
    expect(timeOfDay('09:05:07', near)).toBe(new Date(2026, 4, 1, 9, 5, 7).toISOString())
    expect(timeOfDay('12:30', near)).toBe(new Date(2026, 4, 1, 12, 30, 0).toISOString())
    expect(timeOfDay('23:58', near)).toBe(new Date(2026, 3, 30, 23, 58, 0).toISOString())
  })

  test.each(['', '9', '25:00', '9:61', 'soon', '9:05:70'])('"%s" is none', (typed) =>
    expect(timeOfDay(typed, near)).toBeUndefined(),
  )
})
