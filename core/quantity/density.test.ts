import fc from 'fast-check'
import jstat from 'jstat'
import { describe, expect, test } from 'vitest'
import { narrowestKernel, silvermanWidth } from './kernel.ts'
import { normalDensity } from './normal.ts'
import { studentDensity } from './student.ts'

/** Both densities against jstat, a general library of statistics. */
describe('densities', () => {
  test('the normal one', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -4, max: 4, noNaN: true }),
        fc.double({ min: -9, max: 9, noNaN: true }),
        fc.double({ min: 0.001, max: 50, noNaN: true }),
        (z, mean, deviation) => {
          const at = mean + z * deviation
          expect(normalDensity(at, mean, deviation) / jstat.normal.pdf(at, mean, deviation)).toBeCloseTo(1, 9)
        },
      ),
    )
  })

  test('that of Student, at whole degrees of freedom', () => {
    fc.assert(
      fc.property(fc.double({ min: -8, max: 8, noNaN: true }), fc.integer({ min: 1, max: 59 }), (t, degrees) => {
        expect(studentDensity(t, degrees) / jstat.studentt.pdf(t, degrees)).toBeCloseTo(1, 6)
      }),
    )
  })

  test('with many degrees Student is normal, with few his tails are wide', () => {
    expect(studentDensity(2, 60)).toBe(normalDensity(2, 0, 1))
    expect(studentDensity(2, 59) / normalDensity(2, 0, 1)).toBeCloseTo(1, 1)
    expect(studentDensity(6, 3)).toBeGreaterThan(1e5 * normalDensity(6, 0, 1))
    expect(studentDensity(1, 4.9)).toBe(studentDensity(1, 4))
  })
})

describe("Silverman's rule", () => {
  // Density Estimation, 1986: 0.9 times the smaller of the deviation and the quartiles' distance over 1.34, by n to
  // -1/5.
  test('of twenty-five even numbers the deviation decides', () => {
    const sizes = Array.from({ length: 25 }, (_, at) => at + 1)
    const deviation = Math.sqrt((25 ** 2 - 1) / 12)
    expect(silvermanWidth(sizes)).toBeCloseTo(0.9 * deviation * 25 ** -0.2, 9)
  })

  test('one that lies far off does not widen it: the quartiles decide', () => {
    const sizes = [10, 10.1, 10.2, 10.3, 10.4, 10.5, 10.6, 10.7, 500]
    expect(silvermanWidth(sizes)).toBeLessThan(0.3)
  })

  test('equal sizes give none: the narrowest kernel is the reader’s', () => {
    expect(silvermanWidth([7, 7, 7])).toBe(0)
    expect(narrowestKernel).toBeGreaterThan(0)
  })
})
