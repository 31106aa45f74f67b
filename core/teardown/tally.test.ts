import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { formatTimecode } from './timecode.ts'
import { newTally, summariseCounts, tallyAfter, type TallyStep } from './tally.ts'

const after = (...steps: TallyStep[]) => steps.reduce(tallyAfter, newTally())

describe('the tally', () => {
  test('counts, takes one back, never goes below zero', () => {
    expect(after('one', 'one', 'undo').count).toBe(1)
    expect(after('undo', 'one').count).toBe(1)
  })

  test('a pause swallows what comes, and ends with the same key', () => {
    expect(after('one', 'pause', 'one', 'one').count).toBe(1)
    expect(after('one', 'pause', 'one', 'pause', 'one').count).toBe(2)
  })

  test('a finished count is kept and the next begins at zero; nothing counted is no count', () => {
    expect(after('one', 'one', 'finish')).toMatchObject({ count: 0, finished: [2] })
    expect(after('finish').finished).toEqual([])
    expect(after('one', 'again', 'one')).toMatchObject({ count: 1, finished: [] })
  })

  test('any order of steps leaves a whole count that is no less than zero', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom<TallyStep>('one', 'undo', 'pause', 'finish', 'again')), (steps) => {
        const { count, finished } = after(...steps)
        expect(count).toBeGreaterThanOrEqual(0)
        expect(finished.every((one) => Number.isInteger(one) && one > 0)).toBe(true)
      }),
    )
  })
})

test.each([
  [[], true, 'mark where you began'],
  [[55], true, 'a second time'],
  [[55, 55], false, 'they agree'],
  [[55, 54], true, 'count a third time'],
  [[55, 54, 55], false, '55 came up 2 times of 3'],
  [[55, 54, 53], true, 'no two agree'],
])('counts %j', (finished, more, words) => {
  expect(summariseCounts(finished).more).toBe(more)
  expect(summariseCounts(finished).message).toContain(words)
})

test.each([
  ['2026-05-01T10:12:07Z', '12:07'],
  ['2026-05-01T11:02:00.900Z', '1:02:00'],
  ['2026-05-01T10:00:00Z', '0:00'],
  ['2026-05-01T09:59:59Z', undefined],
])('on film at %s', (at, shown) => {
  expect(formatTimecode(at, '2026-05-01T10:00:00Z')).toBe(shown)
})
