import { describe, expect, test } from 'vitest'
import { shippedCriterion } from './criteria.ts'
import { endsDiscussion, quantiles } from './draw-problem.ts'
import type { CriterionEvidence } from './evaluate-criterion.ts'
import { expectedOf, knownPoints, type KnownOfOthers } from './point-chances.ts'

const nothing: KnownOfOthers = { points: [], answers: [] }
const answered = (...answers: string[]): KnownOfOthers => ({ points: [], answers })
const share = (table: Float32Array, points: number) =>
  table.filter((one) => Math.abs(one - points) < 1e-6).length / quantiles
const meanOf = (table: Float32Array) => table.reduce((sum, one) => sum + one, 0) / quantiles
const known = (key: string, evidence: CriterionEvidence, others: KnownOfOthers) =>
  knownPoints(shippedCriterion(key), evidence, undefined, expectedOf(shippedCriterion(key), others))

describe('what such filters have', () => {
  test('rises, and is even over a rule of which nothing is known', () => {
    const { table } = expectedOf(shippedCriterion('can-wall'), nothing)
    expect([...table]).toEqual([...table].sort((a, b) => a - b))
    expect(meanOf(table)).toBeCloseTo(5, 1)
  })

  test('leans to what is known, which the stated three counterweigh', () => {
    // Five at eight and three even: (5 · 8 + 3 · 5) / 8.
    expect(
      meanOf(expectedOf(shippedCriterion('can-wall'), { points: [8, 8, 8, 8, 8], answers: [] }).table),
    ).toBeCloseTo(55 / 8, 1)
    // Six of silicone and one of three stated: 7 of 9.
    const { table } = expectedOf(shippedCriterion('adbv-material'), answered(...Array<string>(6).fill('silicone')))
    expect(share(table, 10)).toBeCloseTo(7 / 9, 2)
  })

  test('has few faults, and the serious ones of some end the discussion', () => {
    const { table } = expectedOf(shippedCriterion('rust'), nothing)
    expect(share(table, 0)).toBeCloseTo(0.962, 2)
    expect(table[0]).toBe(endsDiscussion)
    expect(expectedOf(shippedCriterion('dents'), nothing).table[0]).not.toBe(0)
  })
})

describe('what is known of one', () => {
  test('a number is spread by its uncertainty, and wider with few degrees of freedom', () => {
    const at = (degrees: number) =>
      known('can-wall', { number: 0.00045, u: 0.00001, degrees, evidence: 'measured' }, nothing)
    const range = (table: Float32Array) => {
      const rising = [...table].sort((a, b) => a - b)
      return rising[1000]! - rising[24]!
    }
    expect(meanOf(at(Infinity))).toBeCloseTo(5.5, 0)
    expect(range(at(4))).toBeGreaterThan(1.2 * range(at(Infinity)))
  })

  test('a grade is even over what rounds to it, within the ends of its scale', () => {
    const grade = (number: number) => known('glue', { number, u: 0.5 / Math.sqrt(3), evidence: 'observed' }, nothing)
    expect(Math.min(...grade(2))).toBeCloseTo(3.75, 2)
    expect(Math.max(...grade(2))).toBeCloseTo(6.25, 2)
    expect(Math.max(...grade(4))).toBeCloseTo(10, 2)
    expect(Math.min(...grade(4))).toBeCloseTo(8.75, 2)
  })

  test('a grade is even over what rounds to it; at an end of its scale half of that is the end itself', () => {
    const middle = known('glue', { number: 2, u: 0.5 / Math.sqrt(3), evidence: 'observed' }, nothing)
    expect(Math.min(...middle)).toBeCloseTo(3.75, 1)
    expect(Math.max(...middle)).toBeCloseTo(6.25, 1)
    const best = known('glue', { number: 4, u: 0.5 / Math.sqrt(3), evidence: 'observed' }, nothing)
    expect(share(best, 10)).toBeCloseTo(0.5, 2)
    expect(Math.min(...best)).toBeCloseTo(8.75, 1)
  })

  test('a rare answer is likelier a mistake than a usual one', () => {
    const others = answered(...Array<string>(9).fill('silicone'), 'nitrile')
    const mistaken = (answer: string, points: number) =>
      1 - share(known('adbv-material', { answers: [answer], evidence: 'observed' }, others), points)
    expect(mistaken('silicone', 10)).toBeLessThan(0.01)
    // By hand: silicone 10 · 0.015 against nitrile 1 · 0.97 and other 1 · 0.015.
    expect(mistaken('nitrile', 4)).toBeCloseTo(0.165 / (0.165 + 0.97), 2)
  })

  test('a fault is mistaken for its neighbour alone', () => {
    const table = known('dents', { answers: ['serious'], evidence: 'observed' }, nothing)
    expect(share(table, 0)).toBe(0)
    expect(share(table, -4)).toBeGreaterThan(0)
  })

  test('two specimens that say the same are surer than one, and two that differ are averaged', () => {
    const wrong = (...answers: string[]) =>
      1 - share(known('adbv-material', { answers, evidence: 'observed' }, answered(...answers)), 10)
    expect(wrong('silicone', 'silicone')).toBeLessThan(wrong('silicone'))
    const both = known('adbv-material', { answers: ['silicone', 'nitrile'], evidence: 'observed' }, nothing)
    expect(share(both, 7)).toBe(1)
  })

  test('what is inferred is as it seems with one half, else like such filters', () => {
    const table = known('glue', { number: 4, u: 0, evidence: 'inferred' }, nothing)
    expect(share(table, 10)).toBeCloseTo(0.5, 2)
    expect(meanOf(table)).toBeCloseTo(7.5, 0)
  })

  test('bounds of a claim leave what such filters have within them', () => {
    const criterion = shippedCriterion('efficiency')
    const expected = expectedOf(criterion, { points: [5, 5, 5, 9], answers: [] })
    const table = knownPoints(criterion, undefined, { low: 4, high: 7 }, expected)
    expect(Math.min(...table)).toBeGreaterThanOrEqual(4)
    expect(Math.max(...table)).toBeLessThanOrEqual(7)
    expect(share(table, 5)).toBeGreaterThan(0.5)
    const narrow = knownPoints(criterion, undefined, { low: 7.01, high: 7.02 }, expected)
    expect(Math.min(...narrow)).toBeGreaterThan(7)
  })
})
