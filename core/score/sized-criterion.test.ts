import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { classRange, sizeClasses, usualSizeClass } from '#core/catalogue/index.ts'
import { criteria, shippedCriterion } from './criteria.ts'
import { effectiveCriteria, shippedMethod } from './effective-criteria.ts'
import { sizedCriterion } from './sized-criterion.ts'
import { numberPoints } from './value-function.ts'

const scales = criteria.filter(({ valueFunction }) => valueFunction.kind === 'scale')

describe('breakpoints of a size class', () => {
  test('those of the usual class are as they are written', () => {
    for (const criterion of criteria) {
      expect(sizedCriterion(criterion, undefined)).toBe(criterion)
      for (const form of criterion.forms) expect(sizedCriterion(criterion, usualSizeClass(form))).toBe(criterion)
    }
  })

  // By hand: 390 to 1350 cm² becomes 1500 to 5500 cm², so 970 becomes 1500 + 580 × 4000 / 960 = 3916.7 cm².
  test('a large diesel strip is judged among large ones', () => {
    const area = sizedCriterion(shippedCriterion('area'), 'large-diesel')
    expect(numberPoints(area, 0.15)).toBeCloseTo(0, 9)
    expect(numberPoints(area, 0.39166667)).toBeCloseTo(8, 4)
    expect(numberPoints(area, 0.55)).toBeCloseTo(10, 9)
    expect(numberPoints(shippedCriterion('area'), 0.15)).toBe(10)
  })

  test('what stands where the typical range begins and ends has the points it has in a car, and order is kept', () => {
    for (const criterion of scales)
      for (const { key } of sizeClasses) {
        if (!classRange(criterion.attribute, key)) continue
        const moved = sizedCriterion(criterion, key)
        if (moved.valueFunction.kind !== 'scale' || criterion.valueFunction.kind !== 'scale') continue
        expect(moved.valueFunction.points.map(([, points]) => points)).toEqual(
          criterion.valueFunction.points.map(([, points]) => points),
        )
        const at = moved.valueFunction.points.map(([value]) => value)
        expect([...at].sort((a, b) => a - b)).toEqual(at)
      }
  })

  test('more of what is better never costs points, in any class', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...sizeClasses.map(({ key }) => key)),
        fc.double({ min: 0.01, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 0.2, noNaN: true }),
        (key, area, more) => {
          const criterion = sizedCriterion(shippedCriterion('area'), key)
          expect(numberPoints(criterion, area + more)).toBeGreaterThanOrEqual(numberPoints(criterion, area) ?? 0)
        },
      ),
    )
  })

  test('a method of a class uses them', () => {
    const wall = effectiveCriteria({ ...shippedMethod, sizeClass: 'large-diesel' }).find(
      ({ key }) => key === 'can-wall',
    )
    expect(numberPoints(wall!, 0.0005)).toBeLessThan(numberPoints(shippedCriterion('can-wall'), 0.0005)!)
  })
})
