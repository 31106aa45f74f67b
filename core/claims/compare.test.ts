import { describe, expect, test } from 'vitest'
import {
  boundsAt,
  conflictingPoints,
  contradictsItself,
  interpolate,
  testOf,
  usablePoints,
  type CaptureEfficiency,
} from './bounds.ts'
import { capacityPerArea } from './capacity.ts'
import type { Claim } from './claim.ts'
import { atLeastAsGood, compareClaims, formatBounds, formatComparison } from './compare.ts'

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
const words = (a: CaptureEfficiency[], b: CaptureEfficiency[]) =>
  at20(a, b).map((comparison) => formatComparison('One', 'Two', 20e-6, comparison))
const outcomes = (a: CaptureEfficiency[], b: CaptureEfficiency[]) => at20(a, b).map(({ outcome }) => outcome)

describe('two products at one size', () => {
  test('ahead, behind and the same, and what is said of each', () => {
    expect(words([point(99, 20, multi)], [point(98, 20, multi)])).toEqual([
      'At 20 µm, by ISO4548-12, One is ahead: One 99 %, Two 98 %.',
    ])
    expect(words([point(98, 20, multi)], [point(99, 20, multi)])).toEqual([
      'At 20 µm, by ISO4548-12, Two is ahead: One 98 %, Two 99 %.',
    ])
    expect(words([point(98, 20, multi)], [point(98, 20, multi)])).toEqual([
      'At 20 µm, by ISO4548-12, both claim the same: 98 %.',
    ])
  })

  test('a bound that reaches the other is at least as good', () => {
    const plus = point(99, 20, { ...multi, saying: 'plus' })
    expect(words([plus], [point(99, 20, multi)])).toEqual([
      'At 20 µm, by ISO4548-12, One is at least as good: One at least 99 %, Two 99 %.',
    ])
    expect(outcomes([point(99, 20, multi)], [plus])).toEqual(['at-most'])
  })

  test.each([
    [
      'equal lower bounds are not the same claim',
      [point(98, 20, { ...multi, saying: 'plus' })],
      [point(98, 20, { ...multi, saying: 'plus' })],
    ],
    ['nothing is known of either', [], []],
    ['two tests that each names one', [point(99, 20, multi)], [point(90, 20, single)]],
    ['a test that one does not name', [point(99, 20, multi)], [point(90, 20)]],
    ['no test at all', [point(99, 20)], [point(90, 20)]],
  ])('%s: not comparable', (_, a, b) => {
    expect(outcomes(a, b)).toEqual(['not-comparable'])
    expect(outcomes(b, a)).toEqual(['not-comparable'])
  })

  test('where no test is named by both it is said', () =>
    expect(words([point(99, 20, multi)], [point(98, 20)])).toEqual([
      'At 20 µm they cannot be compared, for they name no test in common: One 99 %, Two 98 %.',
    ]))

  test('two tests by which each is ahead stand on a line of their own, and both sides say the same', () => {
    const a = [point(99, 20, single), point(95, 20, multi)]
    const b = [point(90, 20, single), point(98, 20, multi)]
    expect(at20(a, b).map(({ test: name, outcome }) => [name, outcome])).toEqual([
      ['ISO4548-12 single', 'ahead'],
      ['ISO4548-12', 'behind'],
    ])
    expect(new Map(at20(b, a).map(({ test: name, outcome }) => [name, outcome]))).toEqual(
      new Map([
        ['ISO4548-12 single', 'behind'],
        ['ISO4548-12', 'ahead'],
      ]),
    )
  })
})

describe('a claim of several sizes', () => {
  const several = [point(99, 20, multi), point(94, 15, multi), point(74, 10, multi)]

  test('is at least as good as one of a single size that it reaches', () => {
    expect(atLeastAsGood(several, [point(98, 20, multi)])).toEqual({ side: 'a', test: 'ISO4548-12' })
    expect(atLeastAsGood([point(98, 25, multi)], several)).toEqual({ side: 'b', test: 'ISO4548-12' })
  })

  test('is not, where the other says more at a size, or by another test', () => {
    expect(atLeastAsGood(several, [point(96, 15, multi)])).toBeUndefined()
    expect(atLeastAsGood(several, [point(98, 20, single)])).toBeUndefined()
    expect(atLeastAsGood(several, several)).toBeUndefined()
  })

  test('that contradicts itself says its lowest share at its largest size', () => {
    const parts = {
      standard: 'ISO 4548-12',
      points: [
        { share: 0.99, saying: 'equal' as const, size: 10e-6 },
        { share: 0.95, saying: 'equal' as const, size: 25e-6 },
      ],
    }
    const claim = { id: 'c', productId: 'p', kind: 'efficiency', words: '', place: 'front', readOn: '', parts } as Claim
    expect(usablePoints([claim])).toEqual([
      { claim: 'c', share: 0.95, saying: 'at-least', size: 25e-6, test: 'ISO4548-12' },
    ])
    expect(contradictsItself(several)).toBe(false)
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
