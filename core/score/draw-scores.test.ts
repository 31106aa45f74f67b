import { erf } from 'mathjs'
import { describe, expect, test } from 'vitest'
import { normalQuantile, normalShare } from '#core/quantity/normal.ts'
import { acceptability } from './acceptability.ts'
import { quantiles } from './draw-problem.ts'
import { draws, firstOf, normal, problem, withChances } from './draw-problem.fixture.ts'
import { scoreDrawing } from './draw-scores.ts'
import { sfc32 } from './random.ts'

describe('drawing in blocks', () => {
  const two = withChances(
    problem(
      [
        [5, 5, 5, 5, 5],
        [5, 5, 5, 5, 5],
      ],
      { draw: 'fixed' },
    ),
    [0, 1, 2, 3, 4].flatMap((j): [number, number][] => [
      [0, j],
      [1, j],
    ]),
    normal(5, 1),
  )

  test('matches plain sampling', () => {
    const next = sfc32(11)
    const uniform = () => (next() + 0.5) / 4294967296
    const p = withChances(
      problem(
        [
          [5, 5, 5],
          [5, 5, 5],
        ],
        { draw: 'fixed' },
      ),
      [
        [0, 0],
        [0, 1],
        [0, 2],
      ],
      (share) => 10 * share,
    )
    withChances(
      p,
      [
        [1, 0],
        [1, 2],
      ],
      normal(5.4, 1),
    )
    let wins = 0
    const count = 200_000
    for (let draw = 0; draw < count; draw++) {
      const own = 10 * (uniform() + uniform() + uniform())
      const other = 2 * 5.4 + normalQuantile(uniform()) + normalQuantile(uniform()) + 5
      if (own > other) wins++
    }
    expect(Math.abs(firstOf(p, count)[0]! - wins / count)).toBeLessThan(0.005)
  })

  test('leaves the cells uncorrelated: scores of two products hang together by chance alone', () => {
    const drawing = scoreDrawing(two)
    let sum = 0
    for (let block = 0; block < 200; block++) {
      drawing.next()
      const [a, b] = [drawing.scores.subarray(0, quantiles), drawing.scores.subarray(quantiles)]
      for (let k = 0; k < quantiles; k++) sum += (a[k]! - 50) * (b[k]! - 50)
    }
    // Deviation of a score: 10 · √5 / 5 = 4.47; the correlation of 204,800 pairs lies within 0.01 of nought.
    expect(Math.abs(sum / (200 * quantiles) / 20)).toBeLessThan(0.01)
  })

  test('has the variance of independent cells', () => {
    const { low, high } = acceptability(two, draws(100_000)).scores[0]!
    expect((high - low) / (2 * 1.96)).toBeCloseTo((10 * Math.sqrt(5)) / 5, 1)
  })
})

test('normal quantiles and shares, against the error function of mathjs', () => {
  for (const z of [-3.2, -1, 0, 0.4, 2.5]) expect(normalShare(z)).toBeCloseTo((1 + erf(z / Math.SQRT2)) / 2, 6)
  for (const share of [0.001, 0.02, 0.3, 0.5, 0.7, 0.975, 0.9999])
    expect((1 + erf(normalQuantile(share) / Math.SQRT2)) / 2).toBeCloseTo(share, 8)
  expect(() => normalQuantile(1)).toThrow(RangeError)
})

test('random numbers are even over bytes', () => {
  const next = sfc32(3)
  const counts = new Uint32Array(256)
  for (let draw = 0; draw < 64_000; draw++)
    for (let bits = next(), k = 0; k < 4; k++, bits >>>= 8) counts[bits & 255]!++
  // Chi squared with 255 degrees of freedom lies below 330 in 99.9 % of cases (table, from memory).
  expect(counts.reduce((sum, count) => sum + (count - 1000) ** 2 / 1000, 0)).toBeLessThan(330)
})
