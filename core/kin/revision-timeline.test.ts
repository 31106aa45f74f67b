import fc from 'fast-check'
import { expect, test } from 'vitest'
import { layTimeline } from './revision-timeline.ts'

const on = (lane: string, from: string, to = from) => ({ lane, from, to, text: `${lane} ${from}` })

test('all stands on one line, lane by lane, oldest first', () => {
  const line = layTimeline(
    ['old', 'new', 'prices'],
    [on('new', '2026-01-02'), on('old', '2025-01-01', '2025-01-31'), on('new', '2025-07-02')],
  )!
  expect([line.from, line.to]).toEqual(['2025-01-01', '2026-01-02'])
  expect(line.lanes.map(({ lane }) => lane)).toEqual(['old', 'new'])
  expect(line.lanes[0]!.dates[0]).toMatchObject({ start: 0, end: 30 / 366 })
  expect(line.lanes[1]!.dates.map(({ from }) => from)).toEqual(['2025-07-02', '2026-01-02'])
  expect(line.years).toEqual([{ year: '2026', at: 365 / 366 }])
})

test('where nothing is dated, or all of one day, there is no line', () => {
  expect(layTimeline(['a'], [])).toBeUndefined()
  expect(layTimeline(['a', 'b'], [on('a', '2026-01-02'), on('b', '2026-01-02')])).toBeUndefined()
})

test('every date lies on the line, in the order of the days', () => {
  const day = fc
    .date({ min: new Date('1990-01-01'), max: new Date('2069-12-31'), noInvalidDate: true })
    .map((date) => date.toISOString().slice(0, 10))
  fc.assert(
    fc.property(fc.array(fc.tuple(day, day), { minLength: 1, maxLength: 12 }), (spans) => {
      const dates = spans.map((span) => on('a', ...(span.sort() as [string, string])))
      const [lane] = layTimeline(['a'], dates)?.lanes ?? []
      for (const [at, { start, end, from }] of (lane?.dates ?? []).entries()) {
        expect(start).toBeGreaterThanOrEqual(0)
        expect(end).toBeGreaterThanOrEqual(start)
        expect(end).toBeLessThanOrEqual(1)
        expect(from >= (lane?.dates[at - 1]?.from ?? '')).toBe(true)
      }
    }),
  )
})
