import { describe, expect, test } from 'vitest'
import { boundsAt, conflictingPoints, interpolate, testOf, usablePoints, type CaptureEfficiency } from './bounds.ts'
import { capacityPerArea } from './capacity.ts'
import type { Claim } from './claim.ts'
import { compareClaims, formatBounds, formatComparison } from './compare.ts'

const point = (percent: number, micrometres: number, more: Partial<CaptureEfficiency> = {}): CaptureEfficiency => ({
  claim: 'c',
  share: percent / 100,
  saying: 'equal',
  size: micrometres / 1e6,
  test: null,
  ...more,
})
const multi = { test: 'ISO4548-12' }
const single = { test: 'ISO4548-12 single' }
const at20 = (a: CaptureEfficiency[], b: CaptureEfficiency[]) => compareClaims(a, b, 20e-6)
const words = (a: CaptureEfficiency[], b: CaptureEfficiency[]) => formatComparison('One', 'Two', 20e-6, at20(a, b))

describe('two products at one size', () => {
  test('ahead, behind and the same, and what is said of each', () => {
    expect(words([point(99, 20, multi)], [point(98, 20, multi)])).toBe('At 20 µm One is ahead: One 99 %, Two 98 %.')
    expect(words([point(98, 20, multi)], [point(99, 20, multi)])).toBe('At 20 µm Two is ahead: One 98 %, Two 99 %.')
    expect(words([point(98, 20, multi)], [point(98, 20, multi)])).toBe('At 20 µm both claim the same: 98 %.')
  })

  test('a test that one does not name leaves a caveat, but not where nothing can be compared', () => {
    expect(words([point(99, 20, multi)], [point(98, 20)])).toBe(
      'At 20 µm One is ahead: One 99 %, Two 98 %. This holds if both were tested alike: not both name their test.',
    )
    expect(words([point(98, 20)], [point(98, 20)])).toContain('both claim the same: 98 %. This holds if')
    expect(words([point(99, 30, multi)], [point(97.5, 20)])).toBe(
      'At 20 µm they cannot be compared: One at most 99 %, Two 97.5 %.',
    )
  })

  test.each([
    ['equal lower bounds are not the same claim', [point(98, 20)], [point(98, 20, { saying: 'plus' })]],
    ['nor are equal upper bounds', [point(98, 20)], [point(98, 20, { saying: 'up-to' })]],
    ['nothing is known of either', [], []],
    ['two tests that each names one', [point(99, 20, multi)], [point(90, 20, single)]],
  ])('%s', (_, a, b) => {
    expect(at20(a, b).outcome).toBe('not-comparable')
    expect(at20(b, a).outcome).toBe('not-comparable')
  })

  test('of several tests the one that settles it counts', () => {
    const a = [point(99, 20, single), point(95, 20, multi)]
    const b = [point(90, 30, single), point(98, 20, multi)]
    expect(at20(a, b)).toMatchObject({ outcome: 'ahead', unnamed: false })
    const settledBySecond = [point(99, 30, single), point(95, 20, multi)]
    expect(at20(settledBySecond, [point(98, 20, multi)])).toMatchObject({
      outcome: 'behind',
      a: { lower: 0.95, upper: 0.95 },
      b: { lower: 0.98, upper: 0.98 },
    })
  })

  test('a claim under no test stands beside one under any, and says that it is unnamed', () => {
    expect(at20([point(99, 20)], [point(90, 20, multi)])).toMatchObject({ outcome: 'ahead', unnamed: true })
    expect(at20([point(99, 20, multi)], [point(90, 20, multi)])).toMatchObject({ outcome: 'ahead', unnamed: false })
  })
})

describe('bounds', () => {
  test.each([
    [{ lower: 0, upper: 1 }, 'nothing is known'],
    [{ lower: 0.95, upper: 1 }, 'at least 95 %'],
    [{ lower: 0, upper: 0.987 }, 'at most 98.7 %'],
    [{ lower: 0.9, upper: 0.95 }, '90 % to 95 %'],
    [{ lower: 0.95, upper: 0.95 }, '95 %'],
    [{ lower: 0, upper: 0 }, '0 %'],
  ])('%o: %s', (bounds, text) => {
    expect(formatBounds(bounds)).toBe(text)
  })

  test('a size that is equal but for rounding bounds both ways', () => {
    expect(boundsAt([point(97, 20)], 20e-6 * (1 + 5e-10))).toEqual({ lower: 0.97, upper: 0.97 })
    expect(boundsAt([point(97, 20)], 20e-6 * (1 - 5e-10))).toEqual({ lower: 0.97, upper: 0.97 })
  })

  test.each([0, -1e-6, NaN])('a size of %f is a fault of the program', (size) => {
    expect(() => boundsAt([], size)).toThrow(`A particle size lies above zero, got ${size}`)
  })

  test('nothing is interpolated between two claims, nor beyond one', () => {
    const own = [point(90, 20, { claim: 'a' }), point(50, 10, { claim: 'a' })]
    expect(interpolate(own, 20e-6)).toBeCloseTo(0.9, 12)
    expect(interpolate(own, 10e-6)).toBeUndefined()
    expect(interpolate([point(90, 20, { claim: 'a' }), point(50, 10, { claim: 'b' })], 15e-6)).toBeUndefined()
    const second = [point(99, 30, { claim: 'other' }), ...own]
    expect(interpolate(second, 15e-6)).toBeCloseTo(0.5 + (0.4 * Math.log(1.5)) / Math.log(2), 12)
  })
})

describe('pairs that cannot both be true', () => {
  test.each([
    ['more at a smaller size', point(99, 10), point(98, 20), true],
    ['more at the same size', point(99, 20), point(98, 20), true],
    ['less at a smaller size', point(98, 10), point(99, 20), false],
    ['the same at both sizes', point(98, 10), point(98, 20), false],
    ['"up to" at the smaller one', point(99, 10, { saying: 'up-to' }), point(98, 20), false],
    ['a plus on the larger one', point(99, 10), point(98, 20, { saying: 'plus' }), false],
    ['a plus on the smaller one', point(99, 10, { saying: 'plus' }), point(98, 20), true],
    ['under two tests', point(99, 10, multi), point(98, 20, single), false],
    ['one under a test, one under none', point(99, 10, multi), point(98, 20), true],
    ['one under none, one under a test', point(99, 10), point(98, 20, multi), true],
  ])('%s', (_, a, b, conflict) => {
    expect([conflictingPoints(a, b), conflictingPoints(b, a)]).toEqual([conflict, conflict])
  })
})

test('a test is the same however it is spelt; only a single pass sets it apart', () => {
  expect(testOf({ standard: 'iso  4548 - 12' })).toBe('ISO4548-12')
  expect(testOf({ standard: 'ISO 4548-12', pass: 'multi' })).toBe('ISO4548-12')
  expect(testOf({ standard: 'ISO 4548-12', pass: 'single' })).toBe('ISO4548-12 single')
  expect(testOf({ pass: 'single' })).toBeNull()
})

test('only pairs of efficiency claims are usable, with the claim they come from', () => {
  const claim = (kind: Claim['kind'], more: Claim['parts'] = {}): Claim => ({
    id: kind,
    productId: 'p',
    kind,
    words: '',
    place: 'front',
    readOn: '2026-01-01',
    parts: { points: [{ share: 0.99, saying: 'plus', size: 20e-6 }], ...more },
  })
  expect(usablePoints([claim('slogan'), claim('efficiency', { standard: 'ISO 1' })])).toEqual([
    { claim: 'efficiency', share: 0.99, saying: 'plus', size: 20e-6, test: 'ISO1' },
  ])
  expect(usablePoints([{ ...claim('efficiency'), parts: {} }])).toEqual([])
})

describe('capacity over area', () => {
  const of = (...grams: number[]) =>
    capacityPerArea(grams.map((mass, index) => ({ product: String(index), capacity: mass / 1000, area: 0.1 })))

  test('is largest first, with how many times the middle it is', () => {
    expect(of(10, 20, 12)).toEqual([
      {
        product: '1',
        perArea: expect.closeTo(0.2, 12) as number,
        times: expect.closeTo(20 / 12, 9) as number,
        standsOut: true,
      },
      { product: '2', perArea: expect.closeTo(0.12, 12) as number, times: 1, standsOut: false },
      {
        product: '0',
        perArea: expect.closeTo(0.1, 12) as number,
        times: expect.closeTo(10 / 12, 9) as number,
        standsOut: false,
      },
    ])
  })

  test('at 1.6 times the middle it is still believed, and so is the larger of two', () => {
    expect(of(10, 16, 10)[0]?.standsOut).toBe(false)
    expect(of(10, 16.1, 10)[0]?.standsOut).toBe(true)
    expect(of(1, 20)[0]?.standsOut).toBe(false)
  })

  test('without an area there is nothing to say', () => {
    expect(capacityPerArea([])).toEqual([])
    expect(capacityPerArea([{ product: 'a', capacity: 0.02, area: 0 }])).toEqual([])
  })
})
