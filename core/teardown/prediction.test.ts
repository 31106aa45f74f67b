import { expect, test } from 'vitest'
import { hitRate, inferredShareOf, outcomesOf, settlePrediction, type Prediction } from './prediction.ts'
import { readings } from './readings.fixture.ts'
import { resolve } from './resolve.ts'

const predicted = (more: Partial<Prediction>): Prediction => ({
  id: 'p',
  characteristic: 'can.wall',
  rawInput: '',
  valueNumber: null,
  valueHalf: null,
  valueText: null,
  predictedAt: '2026-05-01T10:00:00.000Z',
  ...more,
})
const wall = (typed: string) => resolve(readings({ 'can.wall': typed })).get('can.wall')

test('a number is hit within what was said, else within a twentieth, beside the doubt of the measured', () => {
  expect(settlePrediction(predicted({ valueNumber: 0.0005 }), wall('0.51 mm'))).toBe('hit')
  expect(settlePrediction(predicted({ valueNumber: 0.0005 }), wall('0.60 mm'))).toBe('miss')
  expect(settlePrediction(predicted({ valueNumber: 0.0005, valueHalf: 0.0002 }), wall('0.60 mm'))).toBe('hit')
  expect(settlePrediction(predicted({ valueNumber: 0.0005 }), undefined)).toBeUndefined()
})

test('an answer is hit when it is the same; what was told settles nothing', () => {
  const silicone = predicted({ characteristic: 'adbv.material', valueText: 'silicone' })
  const seen = (text: string) => resolve(readings({ 'adbv.material': text }))
  expect(outcomesOf([silicone], seen('silicone'))).toEqual(['hit'])
  expect(outcomesOf([silicone], seen('nitrile'))).toEqual(['miss'])
  const told = resolve(
    readings({ 'adbv.material': 'silicone' }).map((one) => ({ ...one, evidence: 'claimed' as const })),
  )
  expect(outcomesOf([silicone], told)).toEqual([])
})

test('the rate begins at a half and follows what came true', () => {
  expect(hitRate([])).toEqual({ hits: 0, settled: 0, rate: 0.5 })
  expect(hitRate(Array<'hit'>(9).fill('hit')).rate).toBeCloseTo(0.95)
})

test('what is inferred bears one half until predictions say better, and never all or nothing', () => {
  expect(inferredShareOf({ hits: 0, settled: 0 })).toBe(0.5)
  expect(inferredShareOf({ hits: 1, settled: 1 })).toBeCloseTo(5 / 9, 12)
  const shares = [0, 5, 10, 20, 40].map((hits) => inferredShareOf({ hits, settled: 40 }))
  expect([...shares].sort((a, b) => a - b)).toEqual(shares)
  expect(shares[0]).toBeGreaterThan(0)
  expect(shares.at(-1)).toBeLessThan(1)
})
