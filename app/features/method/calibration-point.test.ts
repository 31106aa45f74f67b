import { expect, test } from 'vitest'
import { calibrationPoint } from './CalibrationChart.tsx'

test('a tenth is told by what was said of it, and by how often it came true with what so many cases can tell', () => {
  // By hand: 60 of 80 came true; 1.96 √(0.75 · 0.25 / 80) is 9.49 points.
  const { said, came, low, high } = calibrationPoint({ count: 80, hits: 60, chances: 56 })
  expect(said).toBeCloseTo(70, 9)
  expect(came).toBeCloseTo(75, 9)
  expect(low).toBeCloseTo(75 - 9.49, 2)
  expect(high).toBeCloseTo(75 + 9.49, 2)
})

test('no share lies beyond nothing and all', () => {
  expect(calibrationPoint({ count: 4, hits: 4, chances: 3.9 })).toMatchObject({ came: 100, high: 100 })
  expect(calibrationPoint({ count: 9, hits: 1, chances: 0.5 }).low).toBe(0)
})
