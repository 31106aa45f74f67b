import fc from 'fast-check'
import { expect, test } from 'vitest'
import { agenda } from './agenda.ts'

test.each([
  ['2026-11-26', 'past'],
  ['2026-11-27', 'today'],
  ['2026-11-28', 'week'],
  ['2026-12-04', 'week'],
  ['2026-12-05', 'month'],
  ['2026-12-27', 'month'],
  ['2026-12-28', 'later'],
  ['2028-02-29', 'later'],
])('%s is %s, seen from 27 November 2026', (day, when) => {
  expect(agenda([{ day }], '2026-11-27')).toEqual([{ when, due: [{ day }] }])
})

test('everything that is due stands there once, the earliest first', () => {
  const days = fc.array(fc.date({ min: new Date('2025-01-01'), max: new Date('2028-01-01'), noInvalidDate: true }))
  fc.assert(
    fc.property(days, (all) => {
      const due = all.map((date, at) => ({ day: date.toISOString().slice(0, 10), at }))
      const seen = agenda(due, '2026-06-15').flatMap((stretch) => stretch.due)
      expect(new Set(seen.map(({ at }) => at)).size).toBe(all.length)
      const order = seen.map(({ day }) => day)
      expect(order).toEqual([...order].sort())
    }),
  )
})
