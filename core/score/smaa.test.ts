import fc from 'fast-check'
import { erf } from 'mathjs'
import { describe, expect, test } from 'vitest'
import { scoreQuantiles } from './score-distribution.ts'
import { criteria } from './criteria.ts'
import { normalQuantile } from '#core/quantity/normal.ts'
import { sfc32 } from './random.ts'
import { quantiles, runSmaa, smaaSteps, type SmaaProblem } from './smaa.ts'

/** A problem of exact points, a row a product. */
function problem(rows: number[][], more: Partial<SmaaProblem> = {}): SmaaProblem {
  const [n, m] = [rows.length, rows[0]!.length]
  const points = new Float32Array(n * m * quantiles)
  rows.forEach((row, i) =>
    row.forEach((one, j) => points.fill(one, (i * m + j) * quantiles, (i * m + j + 1) * quantiles)),
  )
  return {
    products: n,
    criteria: m,
    points,
    applies: new Uint8Array(n * m).fill(1),
    weights: new Float64Array(m).fill(1),
    caps: new Float64Array(n).fill(100),
    draw: 'free',
    spread: 0,
    draws: 40_000,
    seed: 7,
    ...more,
  }
}
const ranksOf = (p: SmaaProblem) => {
  const { ranks } = runSmaa(p)
  return Array.from({ length: p.products }, (_, i) => Array.from(ranks.subarray(i * p.products, (i + 1) * p.products)))
}

describe('cases with a closed form', () => {
  test('two products, two criteria, weights free: the share is where the line between them crosses', () => {
    // 8w + 3(1 - w) > 4w + 6(1 - w)  <=>  w > 3/7.
    expect(
      ranksOf(
        problem([
          [8, 3],
          [4, 6],
        ]),
      )[0]![0],
    ).toBeCloseTo(4 / 7, 2)
  })

  test('three products that are best in one criterion each: a third each, and rank order centroid weights', () => {
    const { ranks, central } = runSmaa(
      problem([
        [10, 0, 0],
        [0, 10, 0],
        [0, 0, 10],
      ]),
    )
    for (let i = 0; i < 3; i++) expect(ranks[i * 3]).toBeCloseTo(1 / 3, 1.9)
    // Barron and Barrett, Management Science 42 (1996): 0.6111, 0.2778, 0.1111 (from memory); the two lesser are averaged here.
    expect(central[0]).toBeCloseTo(0.6111, 2)
    expect(central[1]).toBeCloseTo((0.2778 + 0.1111) / 2, 2)
  })

  test('weights fixed and one measurement in doubt: the normal distribution function', () => {
    // A is 5 +- 1, B is 5.5 exactly, one criterion: P(A > B) = 1 - Phi(0.5) = 0.30854 (normal table).
    const p = problem([[0], [5.5]], { draw: 'fixed', draws: 100_000 })
    for (let step = 0; step < quantiles; step++) p.points[step] = 5 + normalQuantile((step + 0.5) / quantiles)
    expect(ranksOf(p)[0]![0]).toBeCloseTo(0.30854, 2)
  })

  test('missing against a middle: even chances', () => {
    const glue = criteria.find(({ key }) => key === 'glue')!
    const p = problem([[0], [5]], { draw: 'fixed' })
    p.points.set(scoreQuantiles(glue, undefined, { low: 0, high: 10 }), 0)
    expect(ranksOf(p)[0]![0]).toBeCloseTo(0.5, 2)
  })

  test('around the school: a lead that no weight within the spread can turn is kept in all draws', () => {
    // 9w + 1 - w against 5: with w0 = 0.6 and 10 % either way w stays above 0.5.
    expect(
      ranksOf(
        problem(
          [
            [9, 1],
            [5, 5],
          ],
          { draw: 'around', spread: 0.1, weights: Float64Array.of(0.6, 0.4) },
        ),
      )[0]![0],
    ).toBe(1)
    expect(
      ranksOf(
        problem(
          [
            [9, 1],
            [5, 5],
          ],
          { draw: 'around', spread: 0.9, weights: Float64Array.of(0.6, 0.4) },
        ),
      )[0]![0],
    ).toBeLessThan(1)
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
      fc.property(rows, fc.integer(), (points, seed) => {
        const ranks = ranksOf(problem(points, { draws: 300, seed }))
        for (let i = 0; i < ranks.length; i++) {
          expect(ranks[i]!.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9)
          expect(ranks.reduce((sum, row) => sum + row[i]!, 0)).toBeCloseTo(1, 9)
        }
      }),
      { numRuns: 40 },
    )
  })

  test('one that is better in everything is first in every draw; a capped one is last', () => {
    fc.assert(
      fc.property(
        rows,
        (points) => ranksOf(problem([...points, points[0]!.map(() => 9.5)], { draws: 200 })).at(-1)![0] === 1,
      ),
      { numRuns: 30 },
    )
    expect(
      ranksOf(
        problem(
          [
            [10, 10],
            [5, 6],
          ],
          { caps: Float64Array.of(20, 100) },
        ),
      )[0]![1],
    ).toBe(1)
  })

  test('the same seed gives the same picture, another seed nearly so', () => {
    const p = problem([
      [8, 3],
      [4, 6],
    ])
    expect(ranksOf(p)).toEqual(ranksOf(p))
    const other = ranksOf({ ...p, seed: 8 })[0]![0]!
    expect(other).not.toBe(ranksOf(p)[0]![0])
    expect(other).toBeCloseTo(4 / 7, 2)
  })

  test('a criterion that does not count for a product leaves its score as it is without', () => {
    const p = problem(
      [
        [8, 0],
        [7, 7],
      ],
      { draw: 'fixed' },
    )
    p.applies[1] = 0
    expect(ranksOf(p)[0]![0]).toBe(1)
  })

  test('progress rises to one, a chunk at a time, so that it can be stopped', () => {
    const seen = [
      ...smaaSteps(
        problem(
          [
            [1, 2],
            [2, 1],
          ],
          { draws: 5000 },
        ),
      ),
    ]
    expect(seen).toEqual([0.4, 0.8, 1])
  })
})

test('normal quantiles, against the error function of mathjs', () => {
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
