import fc from 'fast-check'
import { median, medianAbsoluteDeviation, sampleStandardDeviation } from 'simple-statistics'
import { describe, expect, test } from 'vitest'
import { outlierIndices, typeAUncertainty, typeBUncertainty } from './repeats.ts'
import { studentT95 } from './student.ts'
import { exactly, minus, over, plus, power, scaled, standardUncertainty, times, total, uncertain } from './uncertain.ts'

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
  test('the uncertainty of a mean is its deviation over the root of n, widened by Student (GUM 4.2.3)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -1e3, max: 1e3, noNaN: true }), { minLength: 2, maxLength: 20 }),
        (values) => {
          const mean = values.reduce((sum, value) => sum + value, 0) / values.length
          const squares = values.reduce((sum, value) => sum + (value - mean) ** 2, 0)
          const deviation = Math.sqrt(squares / (values.length - 1))
          const byHand = (studentT95(values.length - 1) / 1.96) * (deviation / Math.sqrt(values.length))
          expect(typeAUncertainty(values)).toBeCloseTo(byHand, 8)
        },
      ),
    )
  })

  test('an outlier by the modified z-score is named, and only that one', () => {
    const values = [0.49, 0.5, 0.49, 0.5, 0.51, 0.81]
    expect(outlierIndices(values)).toEqual([5])
    const mad = medianAbsoluteDeviation(values)
    expect((0.6745 * (0.81 - median(values))) / mad).toBeGreaterThan(3.5)
    expect(outlierIndices([0.49, 0.5, 0.81])).toEqual([])
  })

  test('few repeats are widened, one has no spread of its own', () => {
    expect(typeAUncertainty([5])).toBe(0)
    expect(typeAUncertainty([1, 2, 3])).toBeCloseTo((4.303 / 1.96) * (1 / Math.sqrt(3)), 3)
    expect(typeAUncertainty([])).toBe(0)
  })

  test('an instrument is rectangular in resolution and accuracy', () => {
    expect(typeBUncertainty({ resolution: 0.1, accuracy: 0 })).toBeCloseTo(0.1 / Math.sqrt(12), 12)
    expect(typeBUncertainty({ resolution: 0, accuracy: 0.3 })).toBeCloseTo(0.3 / Math.sqrt(3), 12)
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
