import { expect, test } from 'vitest'
import { standardUncertainty } from '#core/quantity/uncertain.ts'
import { gradeDeviation } from './grade-study.ts'
import { readings } from './readings.fixture.ts'
import { resolve } from './resolve.ts'

const pairs = (...all: [number, number][]) => all.map(([first, again]) => ({ first, again }))

test('four pairs say nothing yet, five do', () => {
  expect(gradeDeviation(pairs([1, 3], [1, 3], [1, 3], [1, 3]))).toBe(0)
  expect(gradeDeviation(pairs([1, 3], [1, 3], [1, 3], [1, 3], [1, 3]))).toBeCloseTo(Math.SQRT2, 12)
})

test('an eye that wanders makes grades less sure, beside the half step', () => {
  const grade = (deviation: number) => {
    const { number } = resolve(readings({ 'glue.grade': ['3'] }), undefined, deviation).get('glue.grade')!
    return standardUncertainty(number!)
  }
  expect(grade(0)).toBeCloseTo(0.5 / Math.sqrt(3), 12)
  expect(grade(0.6)).toBeCloseTo(Math.hypot(0.5 / Math.sqrt(3), 0.6), 12)
})
