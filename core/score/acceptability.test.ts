import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { normalShare } from '#core/quantity/normal.ts'
import { acceptability, acceptabilitySteps, type DrawSettings } from './acceptability.ts'
import { cellKinds, endsDiscussion } from './draw-problem.ts'
import { draws, firstOf, normal, problem, withChances } from './draw-problem.fixture.ts'

describe('cases with a closed form', () => {
  test('two products, two criteria, weights free: the share is where the line between them crosses', () => {
    // 8w + 3(1 - w) > 4w + 6(1 - w)  <=>  w > 3/7.
    expect(
      firstOf(
        problem([
          [8, 3],
          [4, 6],
        ]),
      )[0],
    ).toBeCloseTo(4 / 7, 2)
  })

  test('three products that are best in one criterion each: a third each, and rank order centroid weights', () => {
    const { first, central } = acceptability(
      problem([
        [10, 0, 0],
        [0, 10, 0],
        [0, 0, 10],
      ]),
      draws(40_000, true),
    )
    for (const chance of first) expect(chance).toBeCloseTo(1 / 3, 1.9)
    // Barron and Barrett, Management Science 42 (1996): 0.6111, 0.2778, 0.1111 (from memory); the lesser are averaged.
    expect(central[0]![0]).toBeCloseTo(0.6111, 2)
    expect(central[0]![1]).toBeCloseTo((0.2778 + 0.1111) / 2, 2)
  })

  test('two products of one criterion: the normal distribution function of the difference over its deviation', () => {
    for (const [gap, a, b] of [
      [0.5, 1, 0],
      [0.3, 0.4, 0.3],
      [1.2, 0.5, 0.6],
    ] as const) {
      const p = problem([[5 + gap], [5]], { draw: 'fixed' })
      withChances(withChances(p, [[0, 0]], normal(5 + gap, a)), [[1, 0]], normal(5, b))
      expect(firstOf(p, 200_000)[0]).toBeCloseTo(normalShare(gap / Math.hypot(a, b)), 2)
    }
  })

  test('a small chance is there: one of three hundred wins one draw in three hundred', () => {
    const p = withChances(problem([[0], [5]], { draw: 'fixed' }), [[0, 0]], (share) => (share > 1 - 1 / 300 ? 9 : 1))
    expect(firstOf(p, 200_000)[0]).toBeCloseTo(1 / 300, 3)
  })

  test('the interval of a sum is that of normal sums', () => {
    const p = problem([[5, 5, 5, 5]], { draw: 'fixed' })
    withChances(
      p,
      [
        [0, 0],
        [0, 1],
        [0, 2],
        [0, 3],
      ],
      normal(5, 0.5),
    )
    const { mean, low, high } = acceptability(p, draws(200_000)).scores[0]!
    const u = (10 * 0.5) / 2
    expect(mean).toBeCloseTo(50, 1)
    expect(high - mean).toBeCloseTo(1.96 * u, 1)
    expect(mean - low).toBeCloseTo(1.96 * u, 1)
  })

  test('around the school: a lead that no weight within the spread can turn is kept in all draws', () => {
    // 9w + 1 - w against 5: with w0 = 0.6 and 10 % either way w stays above 0.5.
    const at = (spread: number) =>
      firstOf(
        problem(
          [
            [9, 1],
            [5, 5],
          ],
          { draw: 'around', spread, weights: Float64Array.of(0.6, 0.4) },
        ),
      )[0]!
    expect(at(0.1)).toBe(1)
    expect(at(0.9)).toBeLessThan(1)
  })

  test('what is open of one product goes together: the deviation of its score grows as of correlated sums', () => {
    const spreadAt = (correlation: number) => {
      const p = problem([[5, 5, 5, 5]], { draw: 'fixed', correlation, kinds: new Uint8Array(4).fill(cellKinds.open) })
      withChances(
        p,
        [
          [0, 0],
          [0, 1],
          [0, 2],
          [0, 3],
        ],
        normal(5, 0.5),
      )
      const { low, high } = acceptability(p, draws(200_000)).scores[0]!
      return (high - low) / (2 * 1.96)
    }
    expect(spreadAt(0)).toBeCloseTo(2.5, 1)
    // Variance of the mean of four with correlation r: (1 + 3r) / 4.
    expect(spreadAt(0.5)).toBeCloseTo(5 * Math.sqrt(2.5 / 4), 0.9)
  })
})

describe('what holds for every problem', () => {
  const rows = fc.integer({ min: 2, max: 5 }).chain((m) =>
    fc.array(fc.array(fc.double({ min: 0, max: 9, noNaN: true }), { minLength: m, maxLength: m }), {
      minLength: 2,
      maxLength: 5,
    }),
  )

  test('the shares of a product, and those of a rank, add up to one', () => {
    fc.assert(
      fc.property(rows, fc.integer(), fc.constantFrom('free' as const, 'fixed' as const), (points, seed, draw) => {
        const { ranks, first } = acceptability(problem(points, { seed, draw }), draws(1, true))
        for (const [i, own] of ranks.entries()) {
          expect(own.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9)
          expect(ranks.reduce((sum, row) => sum + row[i]!, 0)).toBeCloseTo(1, 9)
          expect(own[0]).toBeCloseTo(first[i]!, 9)
        }
      }),
      { numRuns: 40 },
    )
  })

  test('equal products share the first place, whatever their order', () => {
    const { first, ranks } = acceptability(
      problem(
        [
          [5, 5],
          [5, 5],
          [1, 1],
        ],
        { draw: 'fixed' },
      ),
      draws(1, true),
    )
    expect(first).toEqual([0.5, 0.5, 0])
    expect(ranks).toEqual([
      [0.5, 0.5, 0],
      [0.5, 0.5, 0],
      [0, 0, 1],
    ])
  })

  test('one that is better in everything is first in every draw; a capped one is last', () => {
    fc.assert(
      fc.property(rows, (points) => firstOf(problem([...points, points[0]!.map(() => 9.5)]), 1).at(-1) === 1),
      { numRuns: 30 },
    )
    expect(
      firstOf(
        problem(
          [
            [10, 10],
            [5, 6],
          ],
          { caps: Float64Array.of(20, 100) },
        ),
      )[0],
    ).toBe(0)
  })

  test('a fault takes away by its weight beside the mean, and its absence gives nothing', () => {
    const p = (fault: number) => problem([[6, fault]], { draw: 'fixed', penalty: Uint8Array.of(0, 1) })
    expect(acceptability(p(0), draws(1)).scores[0]!.mean).toBeCloseTo(60, 5)
    expect(acceptability(p(-4), draws(1)).scores[0]!.mean).toBeCloseTo(20, 5)
    expect(acceptability(p(-10), draws(1)).scores[0]!.mean).toBe(0)
    expect(acceptability(p(endsDiscussion), draws(1)).scores[0]!.mean).toBe(20)
  })

  test('the same seed gives the same picture, another seed nearly so', () => {
    const p = problem([
      [8, 3],
      [4, 6],
    ])
    expect(firstOf(p)).toEqual(firstOf(p))
    const [other] = firstOf({ ...p, seed: 8 })
    expect(other).not.toBe(firstOf(p)[0])
    expect(other).toBeCloseTo(4 / 7, 2)
  })

  test('a criterion that does not count for a product leaves its score as it is without', () => {
    for (const draw of ['fixed', 'around'] as const) {
      const p = problem(
        [
          [8, 0],
          [7, 7],
        ],
        { draw, spread: 0.2 },
      )
      p.kinds[1] = cellKinds.none
      expect(firstOf(p)[0]).toBe(1)
    }
  })

  test('it stops when the chances are known well enough, and says how well', () => {
    const p = withChances(
      problem(
        [
          [5, 5],
          [5, 5],
        ],
        { draw: 'fixed' },
      ),
      [
        [0, 0],
        [1, 1],
      ],
      normal(5, 1),
    )
    const settings: DrawSettings = { least: 2048, most: 400_000, standardError: 0.004, ranks: false }
    const { draws: count, standardError, first } = acceptability(p, settings)
    expect(standardError).toBeLessThanOrEqual(0.004)
    expect(count).toBeLessThan(100_000)
    expect(Math.abs(first[0]! - 0.5)).toBeLessThan(4 * 0.004)
    expect([...acceptabilitySteps(p, draws(5000))]).toEqual([0.2, 0.4, 0.6, 0.8, 1])
  })
})
