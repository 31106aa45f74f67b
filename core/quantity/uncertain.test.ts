import fc from 'fast-check'
import jstat from 'jstat'
import { median, medianAbsoluteDeviation, sampleStandardDeviation } from 'simple-statistics'
import { describe, expect, test } from 'vitest'
import { outlierIndices, pooledUncertainty } from './repeats.ts'
import { studentisedRange95 } from './studentised-range.ts'
import { studentQuantile, studentT95 } from './student.ts'
import {
  effectiveDegrees,
  expandedUncertainty,
  exactly,
  minus,
  over,
  plus,
  power,
  scaled,
  standardUncertainty,
  times,
  total,
  uncertain,
} from './uncertain.ts'

describe('propagation', () => {
  // GUM (JCGM 100:2008), H.1, calibration of an end gauge: u = 32 nm. Input values from memory.
  test('the end gauge of the GUM', () => {
    const standard = uncertain(0.050000623, 25e-9, 'standard')
    const difference = uncertain(215e-9, 9.7e-9, 'comparison')
    const alpha = exactly(11.5e-6)
    const deltaAlpha = uncertain(0, 0.58e-6, 'difference of expansion')
    const deltaTheta = uncertain(0, 0.029, 'difference of temperature')
    const theta = exactly(-0.1)
    const length = minus(
      plus(standard, difference),
      times(standard, plus(times(deltaAlpha, theta), times(alpha, deltaTheta))),
    )
    expect(length.value).toBeCloseTo(0.050000838, 9)
    expect(standardUncertainty(length) * 1e9).toBeCloseTo(32, 0)
  })

  test('a doubt shared by two terms adds or cancels, and is not counted twice in quadrature', () => {
    const a = uncertain(10, 1, 'scale')
    expect(standardUncertainty(plus(a, a))).toBeCloseTo(2)
    expect(standardUncertainty(minus(a, a))).toBeCloseTo(0)
    expect(standardUncertainty(over(a, a))).toBeCloseTo(0)
  })

  test('agrees with Monte Carlo on a formula that uses every operation', () => {
    const f = (x: number, y: number, z: number) => (2 * x * y) / Math.sqrt(z) - x
    const [x, y, z] = [uncertain(3, 0.02, 'x'), uncertain(5, 0.03, 'y'), uncertain(2, 0.01, 'z')]
    const first = minus(over(scaled(times(x, y), 2), power(z, 0.5)), x)
    expect(first.value).toBeCloseTo(f(3, 5, 2), 12)

    const random = seeded(11)
    const draws = Array.from({ length: 40_000 }, () =>
      f(3 + 0.02 * gauss(random), 5 + 0.03 * gauss(random), 2 + 0.01 * gauss(random)),
    )
    expect(standardUncertainty(first) / sampleStandardDeviation(draws)).toBeCloseTo(1, 1)
  })

  test('never falls when the doubt of an input rises', () => {
    const u = fc.double({ min: 0, max: 1, noNaN: true })
    fc.assert(
      fc.property(u, u, u, (ux, uy, more) => {
        const figure = (extra: number) =>
          standardUncertainty(
            over(
              times(uncertain(3, ux + extra, 'x'), uncertain(2, uy, 'y')),
              total([exactly(1), uncertain(4, 0.1, 'z')]),
            ),
          )
        expect(figure(more)).toBeGreaterThanOrEqual(figure(0) - 1e-12)
      }),
    )
  })

  test('nonsense is refused', () => {
    expect(() => uncertain(1, -1, 'x')).toThrow(RangeError)
    expect(() => uncertain(1, Number.NaN, 'x')).toThrow(RangeError)
    expect(() => over(exactly(1), exactly(0))).toThrow(RangeError)
  })
})

describe('repeats', () => {
  const prior = { deviation: 0.5, degrees: 8 }

  test('a mean of repeats: their variance pooled with that of single readings, over n (GUM 4.2.4)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -1e3, max: 1e3, noNaN: true }), { minLength: 2, maxLength: 20 }),
        (values) => {
          const n = values.length
          const mean = values.reduce((sum, value) => sum + value, 0) / n
          const squares = values.reduce((sum, value) => sum + (value - mean) ** 2, 0)
          const { u, degrees } = pooledUncertainty(values, prior)
          expect(degrees).toBe(8 + n - 1)
          expect(u).toBeCloseTo(Math.sqrt((8 * 0.25 + squares) / (7 + n) / n), 8)
        },
      ),
    )
  })

  test('a second reading that agrees narrows the interval, and one that is apart does not blow it up', () => {
    const width = (values: number[]) => {
      const { u, degrees } = pooledUncertainty(values, prior)
      return studentT95(degrees) * u
    }
    expect(width([5])).toBeCloseTo(2.306 * 0.5, 3)
    expect(width([5, 5.3])).toBeLessThan(width([5]))
    expect(width([5, 6.5])).toBeLessThan(width([5]) * 1.1)
  })

  test('an outlier by the modified z-score is named, and only that one', () => {
    const values = [0.49, 0.5, 0.49, 0.5, 0.51, 0.81]
    expect(outlierIndices(values)).toEqual([5])
    const mad = medianAbsoluteDeviation(values)
    expect((0.6745 * (0.81 - median(values))) / mad).toBeGreaterThan(3.5)
    expect(outlierIndices([0.49, 0.5, 0.81])).toEqual([])
  })
})

describe('degrees of freedom', () => {
  // GUM (JCGM 100:2008), G.4.1, example: 10, 5 and 15 readings, u 0.25 %, 0.57 % and 0.82 %: 19.0 (from memory).
  test('the example of the GUM', () => {
    const terms = [uncertain(1, 0.0025, 'x1', 9), uncertain(1, 0.0057, 'x2', 4), uncertain(1, 0.0082, 'x3', 14)]
    const product = times(times(terms[0]!, terms[1]!), terms[2]!)
    expect(standardUncertainty(product)).toBeCloseTo(0.0103, 4)
    expect(effectiveDegrees(product)).toBeCloseTo(19, 0)
    expect(expandedUncertainty(product)).toBeCloseTo(2.09 * 0.0103, 3)
  })

  test('what is known well has none to lose, and an exact number has no interval', () => {
    expect(effectiveDegrees(uncertain(1, 1, 'a'))).toBe(Infinity)
    expect(expandedUncertainty(uncertain(1, 1, 'a'))).toBeCloseTo(1.96, 3)
    expect(expandedUncertainty(exactly(1))).toBe(0)
  })

  test('an estimate that is shared is carried along once', () => {
    const a = uncertain(10, 1, 'scale', 5)
    expect(effectiveDegrees(plus(a, a))).toBeCloseTo(5, 9)
    expect(effectiveDegrees(minus(plus(a, uncertain(1, 1, 'b', 9)), a))).toBeCloseTo(9, 9)
  })
})

describe("Student's t", () => {
  // GUM table G.2, 95 %, and the NIST/SEMATECH handbook 1.3.6.7.2 (from memory).
  test.each([
    [1, 12.71],
    [2, 4.3],
    [5, 2.57],
    [10, 2.23],
    [20, 2.09],
    [50, 2.01],
    [100, 1.984],
  ])('%i degrees of freedom', (freedom, t) => {
    expect(studentT95(freedom)).toBeCloseTo(t, 2)
  })

  test.each([1, 3, 8, 17, 30, 60])('covers 95 %% of the density with %i degrees of freedom', (freedom) => {
    expect(coverage(freedom, studentT95(freedom))).toBeCloseTo(0.95, 3)
  })

  test('needs a degree of freedom', () => {
    expect(() => studentT95(0)).toThrow(RangeError)
    expect(() => studentQuantile(1, 5)).toThrow(RangeError)
  })

  test('its quantiles are those of jstat', () => {
    for (const freedom of [1, 2, 3, 4, 4.7, 8, 8.3, 12, 30, 100])
      for (const share of [0.0005, 0.1, 0.6, 0.975, 0.9995])
        expect(studentQuantile(share, freedom) / jstat.studentt.inv(share, freedom)).toBeCloseTo(1, 3)
    expect(studentQuantile(0.5, 7)).toBeCloseTo(0, 9)
    expect(studentQuantile(0.975, Infinity)).toBeCloseTo(1.95996, 4)
  })
})

describe('the studentised range', () => {
  test('is that of jstat', () => {
    for (const [count, degrees] of [
      [2, 5],
      [3, 10],
      [12, 20],
      [20, 60],
    ] as const)
      expect(studentisedRange95(count, degrees) / jstat.tukey.inv(0.95, count, degrees)).toBeCloseTo(1, 2)
  })

  test('of two it is Student’s t times the root of two', () => {
    for (const degrees of [4, 12, 30, Infinity])
      expect(studentisedRange95(2, degrees)).toBeCloseTo(studentT95(degrees) * Math.SQRT2, 2)
  })

  test('degrees in between count as the next below, and one mean alone is refused', () => {
    expect(studentisedRange95(3, 13.5)).toBe(studentisedRange95(3, 12))
    expect(() => studentisedRange95(1, 9)).toThrow(RangeError)
  })
})

/** Area of Student's density between -t and t, by Simpson's rule over the angle (t = √ν tan θ). */
function coverage(freedom: number, t: number): number {
  const limit = Math.atan(t / Math.sqrt(freedom))
  const integrate = (to: number) => {
    const steps = 2000
    const h = to / steps
    const at = (index: number) => Math.cos(index * h) ** (freedom - 1)
    let sum = at(0) + at(steps)
    for (let index = 1; index < steps; index++) sum += at(index) * (index % 2 ? 4 : 2)
    return (sum * h) / 3
  }
  return integrate(limit) / integrate(Math.PI / 2)
}

function seeded(seed: number): () => number {
  let state = seed
  return () => {
    state = (state * 1664525 + 1013904223) % 4294967296
    return state / 4294967296
  }
}

const gauss = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
