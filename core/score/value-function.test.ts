import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { characteristicOf } from '#core/catalogue/index.ts'
import { criteria, shippedCriterion } from './criteria.ts'
import type { ScaleRule } from './criterion.ts'
import { schools } from './schools.ts'
import { answerPoints, faultPoints, numberPoints, pointsRange, scalePoints, stepPoints } from './value-function.ts'

const wall: ScaleRule = {
  kind: 'scale',
  points: [
    [0, 0],
    [1, 4],
    [3, 10],
  ],
}

describe('points', () => {
  test('straight lines between breakpoints, flat outside', () => {
    expect([-1, 0, 0.5, 1, 2, 3, 9].map((value) => scalePoints(wall, value))).toEqual([0, 0, 2, 4, 7, 10, 10])
  })

  test('a grade is its share of the steps', () =>
    expect([0, 1, 4].map((step) => stepPoints(step, 5))).toEqual([0, 2.5, 10]))

  test('answers are averaged over specimens; one that is not judged leaves them without', () => {
    const spring = { kind: 'answers', points: { coil: 10, leaf: 6 } } as const
    expect(answerPoints(spring, ['coil', 'leaf'])).toBe(8)
    expect(answerPoints(spring, ['coil', 'magnet'])).toBeUndefined()
    expect(answerPoints(spring, [])).toBeUndefined()
    expect(answerPoints({ kind: 'fault' }, ['slight'])).toBe(-4)
    expect(answerPoints(wall, ['coil'])).toBeUndefined()
  })

  test('a number is judged by a scale or as a grade, and by nothing else', () => {
    expect(numberPoints(shippedCriterion('can-wall'), 0.000508)).toBe(8.5)
    expect(numberPoints(shippedCriterion('glue'), 3)).toBe(7.5)
    expect(numberPoints(shippedCriterion('adbv-material'), 3)).toBeUndefined()
  })

  test('a scale never leaves the range of its points, wherever the value lies', () =>
    fc.assert(
      fc.property(fc.constantFrom(...criteria), fc.double({ noNaN: true }), ({ valueFunction }, value) => {
        if (valueFunction.kind !== 'scale') return true
        const ends = valueFunction.points.map(([, points]) => points)
        const points = scalePoints(valueFunction, value)
        return points >= Math.min(...ends) && points <= Math.max(...ends)
      }),
    ))
})

describe('the criteria that ship', () => {
  const valueFunctions = [
    ...criteria.map(({ key, valueFunction }) => ({ key, valueFunction })),
    ...schools.flatMap((school) =>
      Object.entries(school.valueFunctions).map(([key, valueFunction]) => ({ key, valueFunction })),
    ),
  ]

  test('give points within their range, by rising breakpoints, and use the whole of it', () => {
    for (const { key, valueFunction } of valueFunctions) {
      if (valueFunction.kind === 'steps') continue
      if (valueFunction.kind === 'scale') {
        const ats = valueFunction.points.map(([at]) => at)
        expect(ats, key).toEqual([...new Set(ats)].sort((a, b) => a - b))
      }
      const points =
        valueFunction.kind === 'scale'
          ? valueFunction.points.map(([, one]) => one)
          : Object.values(valueFunction.kind === 'answers' ? valueFunction.points : faultPoints)
      expect(points.length, key).toBeGreaterThan(1)
      const { least, most } = pointsRange(valueFunction)
      for (const one of points) expect(one >= least && one <= most, `${key} ${one}`).toBe(true)
      expect(Math.max(...points), key).toBe(most)
    }
  })

  test('judge what is recorded by what it can be: answers by every answer, faults and grades as such', () => {
    for (const { key, attribute, valueFunction } of criteria) {
      if (valueFunction.kind === 'scale') continue
      const characteristic = characteristicOf(attribute)
      if (valueFunction.kind === 'answers' && characteristic.kind === 'choice') {
        const answers = characteristic.options.map(({ value }) => value)
        for (const judged of Object.keys(valueFunction.points)) expect(answers, key).toContain(judged)
      } else {
        expect({ steps: 'grade', fault: 'fault', answers: 'choice' }[valueFunction.kind], key).toBe(characteristic.kind)
      }
    }
  })
})
