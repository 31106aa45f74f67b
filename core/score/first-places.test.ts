import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { normalShare } from '#core/quantity/normal.ts'
import { acceptability } from './acceptability.ts'
import { quantiles } from './draw-problem.ts'
import { draws, firstOf, normal, problem, withChances } from './draw-problem.fixture.ts'
import { firstPlaces } from './first-places.ts'

const fixed = (points: number[][], more = {}) => problem(points, { draw: 'fixed', ...more })

test('counts as a plain count of one pairing does, ties parted, where each product has one score throughout', () => {
  const scores = fc.array(fc.integer({ min: 0, max: 6 }), { minLength: 1, maxLength: 9 })
  fc.assert(
    fc.property(scores, fc.integer(), (own, seed) => {
      const p = fixed(
        own.map(() => [0]),
        { seed },
      )
      const block = Float64Array.from({ length: own.length * quantiles }, (_, k) => own[Math.floor(k / quantiles)]!)
      const best = Math.max(...own)
      const level = own.filter((score) => score === best).length
      const shares = firstPlaces(p)(block)
      own.forEach((score, product) => expect(shares[product]).toBeCloseTo(score === best ? 1 / level : 0, 12))
    }),
  )
})

test('shares add up to one with ties in some of the draws, and are those of every pairing there is', () => {
  const scores = fc.array(fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 16, maxLength: 16 }), {
    minLength: 2,
    maxLength: 3,
  })
  fc.assert(
    fc.property(scores, (columns) => {
      const p = fixed(columns.map(() => [0]))
      const block = Float64Array.from(
        { length: columns.length * quantiles },
        (_, k) => columns[Math.floor(k / quantiles)]![k % 16]!,
      )
      const next = firstPlaces(p)
      const mean = columns.map(() => 0)
      for (let time = 0; time < 60; time++)
        for (const [product, share] of next(block).entries()) mean[product]! += share / 60
      expect(mean.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9)
      const exact = everyPairing(columns)
      // A pairing turns columns against each other by one of sixteen places: 240 of them lie within 0.12.
      exact.forEach((share, product) => expect(Math.abs(mean[product]! - share)).toBeLessThan(0.12))
    }),
    { numRuns: 20 },
  )
})

/** Share of first places over all draws of each product beside all of the others. */
function everyPairing(columns: number[][]): number[] {
  const shares = columns.map(() => 0)
  const go = (chosen: number[]): void => {
    if (chosen.length < columns.length) return columns[chosen.length]!.forEach((score) => go([...chosen, score]))
    const best = Math.max(...chosen)
    const level = chosen.filter((score) => score === best).length
    chosen.forEach((score, product) => (shares[product]! += score === best ? 1 / level : 0))
  }
  go([])
  const sum = shares.reduce((all, share) => all + share, 0)
  return shares.map((share) => share / sum)
}

describe('pairings', () => {
  const uncertain = (gap: number, more = {}) => {
    const p = fixed([[5 + gap], [5]], more)
    return withChances(withChances(p, [[0, 0]], normal(5 + gap, 0.5)), [[1, 0]], normal(5, 0.5))
  }

  test('products that are drawn together stay together: the better one is first in every draw', () => {
    expect(firstOf(uncertain(0.1, { links: Uint16Array.of(1, 1) }))[0]).toBe(1)
    expect(firstOf(uncertain(0.1))[0]).toBeLessThan(0.7)
  })

  test('say more than the draws alone: the error is less than half that of as many plain draws', () => {
    const exact = normalShare(0.4 / Math.hypot(0.5, 0.5))
    const errors = Array.from({ length: 200 }, (_, seed) => firstOf(uncertain(0.4, { seed }), quantiles)[0]! - exact)
    const error = Math.sqrt(errors.reduce((sum, one) => sum + one * one, 0) / errors.length)
    // Binomial: the deviation of a share of plain draws.
    expect(error).toBeLessThan(Math.sqrt((exact * (1 - exact)) / quantiles) / 2)
  })

  test('the standard error that is said is the one there is', () => {
    const exact = normalShare(0.4 / Math.hypot(0.5, 0.5))
    const runs = Array.from({ length: 100 }, (_, seed) =>
      acceptability(uncertain(0.4, { seed }), draws(16 * quantiles)),
    )
    const mean = (values: number[]) => values.reduce((sum, one) => sum + one, 0) / values.length
    const error = Math.sqrt(mean(runs.map(({ first }) => (first[0]! - exact) ** 2)))
    const said = Math.sqrt(mean(runs.map(({ standardError }) => standardError ** 2)))
    expect(error / said).toBeGreaterThan(0.7)
    expect(error / said).toBeLessThan(1.4)
  })
})
