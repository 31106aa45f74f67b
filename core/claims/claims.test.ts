import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { betaRatio } from './beta.ts'
import { boundsAt, conflictingPoints, interpolate, testOf, usablePoints, type CaptureEfficiency } from './bounds.ts'
import { capacityPerArea } from './capacity.ts'
import { gradeClaim, type Claim, type ClaimParts } from './claim.ts'
import { compareClaims, formatBounds, formatComparison } from './compare.ts'
import { standingClaims } from './standing.ts'

const um = 1e-6
const at = (percent: number, size: number, more: Partial<CaptureEfficiency> = {}): CaptureEfficiency => ({
  claim: 'c',
  share: percent / 100,
  saying: 'equal',
  size: size * um,
  test: null,
  ...more,
})
let ids = 0
const claim = (kind: Claim['kind'], parts: ClaimParts, more: Partial<Claim> = {}): Claim => ({
  id: `c${ids++}`,
  productId: 'p',
  kind,
  words: 'words',
  place: 'front',
  readOn: '2026-01-01',
  parts,
  ...more,
})
const efficiency = (percent: number, size: number, more: ClaimParts = {}, where: Partial<Claim> = {}) =>
  claim('efficiency', { points: [{ share: percent / 100, saying: 'equal', size: size * um }], ...more }, where)

describe('bounds that follow from claims', () => {
  test('98.7 % at 20 µm: at least that at 30 µm, at most that at 15 µm (common practice, no published source)', () => {
    expect(boundsAt([at(98.7, 20)], 30 * um)).toEqual({ lower: 0.987, upper: 1 })
    expect(boundsAt([at(98.7, 20)], 15 * um)).toEqual({ lower: 0, upper: 0.987 })
    expect(boundsAt([at(98.7, 20)], 20 * um)).toEqual({ lower: 0.987, upper: 0.987 })
    // 25 times a millionth and 25 over a million are not the same number to the machine.
    expect(boundsAt([{ ...at(97, 1), size: 25 / 1e6 }], 25 * um)).toEqual({ lower: 0.97, upper: 0.97 })
  })

  test('several sizes in one claim, 99 at 20, 94 at 15, 74 at 10 (common practice): 12 µm lies between', () => {
    const points = [at(99, 20), at(94, 15), at(74, 10)]
    expect(boundsAt(points, 12 * um)).toEqual({ lower: 0.74, upper: 0.94 })
    const between = interpolate(points, 12 * um)!
    // By hand: 74 + 20 ln(1.2)/ln(1.5) = 82.99.
    expect(between).toBeCloseTo(0.8299, 4)
    expect(interpolate(points, 9 * um)).toBeUndefined()
    expect(interpolate(points, 21 * um)).toBeUndefined()
  })

  test('a plus and "at least" bound from below alone, "up to" from above alone', () => {
    expect(boundsAt([at(99, 20, { saying: 'plus' })], 15 * um).upper).toBe(1)
    expect(boundsAt([at(99, 20, { saying: 'at-least' })], 25 * um).lower).toBe(0.99)
    expect(boundsAt([at(99, 20, { saying: 'up-to' })], 25 * um).lower).toBe(0)
    expect(boundsAt([at(99, 20, { saying: 'up-to' })], 15 * um).upper).toBe(0.99)
  })

  test('a beta ratio beside it: 98.7 % is 77 (arithmetic; common practice)', () =>
    expect(Math.round(betaRatio(0.987))).toBe(77))

  const anyPoint = fc.record({
    claim: fc.constant('c'),
    share: fc.double({ min: 0, max: 1, noNaN: true }),
    saying: fc.constantFrom('equal', 'at-least', 'plus', 'up-to'),
    size: fc.double({ min: 1e-6, max: 1e-4, noNaN: true }),
    test: fc.constantFrom(null, 'A', 'B'),
  }) as fc.Arbitrary<CaptureEfficiency>
  const anySize = fc.double({ min: 1e-6, max: 1e-4, noNaN: true })

  test('one more claim never loosens them', () => {
    fc.assert(
      fc.property(fc.array(anyPoint), anyPoint, anySize, (points, more, size) => {
        const [before, after] = [boundsAt(points, size), boundsAt([...points, more], size)]
        return after.lower >= before.lower && after.upper <= before.upper
      }),
    )
  })

  test('a tighter percentage never loosens the lower bound', () => {
    fc.assert(
      fc.property(
        fc.array(anyPoint),
        anyPoint,
        anySize,
        (points, one, size) =>
          boundsAt([...points, { ...one, share: Math.min(1, one.share + 0.01) }], size).lower >=
          boundsAt([...points, one], size).lower,
      ),
    )
  })

  test('larger particles are never bounded lower than smaller ones', () => {
    fc.assert(
      fc.property(
        fc.array(anyPoint),
        anySize,
        anySize,
        (points, a, b) => boundsAt(points, Math.max(a, b)).lower >= boundsAt(points, Math.min(a, b)).lower,
      ),
    )
  })

  test('the two sides of a comparison never both win, and agree with each other', () => {
    const mirror = {
      ahead: 'behind',
      behind: 'ahead',
      'at-least': 'at-most',
      'at-most': 'at-least',
      same: 'same',
      'not-comparable': 'not-comparable',
    }
    const outcomesOf = (a: CaptureEfficiency[], b: CaptureEfficiency[], size: number) =>
      new Map(compareClaims(a, b, size).map(({ test: name, outcome }) => [name, outcome]))
    fc.assert(
      fc.property(fc.array(anyPoint, { maxLength: 4 }), fc.array(anyPoint, { maxLength: 4 }), anySize, (a, b, size) => {
        // Within one product claims that cannot both be true have been put aside before.
        fc.pre(![a, b].some((points) => points.some((p) => points.some((q) => conflictingPoints(p, q)))))
        const [x, y] = [outcomesOf(a, b, size), outcomesOf(b, a, size)]
        expect(y).toEqual(new Map([...x].map(([name, outcome]) => [name, mirror[outcome]])))
      }),
    )
  })
})

describe('what can be compared', () => {
  test('99 % at 20 µm beats 98.7 % at 30 µm there and below: at least as good at a size no larger', () => {
    const [a, b] = [[at(99, 20, { test: 'A' })], [at(98.7, 30, { test: 'A' })]]
    const outcomes = [30, 20, 15].map((size) => compareClaims(a, b, size * um)[0]?.outcome)
    expect(outcomes).toEqual(['ahead', 'ahead', 'not-comparable'])
  })

  test('99 % at 30 µm and 97.5 % at 20 µm: nobody can tell, and the words say why', () => {
    const [a, b] = [[at(99, 30, { test: 'A' })], [at(97.5, 20, { test: 'A' })]]
    const [compared] = compareClaims(a, b, 30 * um)
    expect(compared?.outcome).toBe('not-comparable')
    expect(formatComparison('Norrith', 'Quarrow', 30 * um, compared!)).toBe(
      'At 30 µm they cannot be compared: Norrith 99 %, Quarrow at least 97.5 %.',
    )
  })

  test('a test is the same however it is written', () => {
    expect(testOf({ standard: 'iso 4548-12' })).toBe(testOf({ standard: 'ISO 4548 -12', pass: 'multi' }))
    expect(testOf({ standard: 'ISO 4548-12', pass: 'single' })).not.toBe(testOf({ standard: 'ISO 4548-12' }))
  })

  test('percent without a size, and size without a percent, bound nothing', () => {
    expect(
      usablePoints([
        claim('efficiency', {
          points: [
            { share: 0.99, saying: 'equal', size: null },
            { share: null, saying: 'equal', size: 2e-5 },
          ],
        }),
      ]),
    ).toEqual([])
    expect(formatBounds(boundsAt([], 2e-5))).toBe('nothing is known')
  })
})

describe('how complete a claim is', () => {
  test.each([
    [
      'complete',
      claim('efficiency', { points: [{ share: 0.99, saying: 'equal', size: 2e-5 }], standard: 'ISO 4548-12' }),
    ],
    [
      'partial',
      claim('efficiency', { points: [{ share: 0.99, saying: 'plus', size: 2e-5 }], standard: 'ISO 4548-12' }),
    ],
    ['partial', efficiency(99, 20)],
    ['slogan', claim('efficiency', { points: [{ share: null, saying: 'equal', size: 2e-5 }] })],
    ['slogan', claim('slogan', {})],
    ['partial', claim('interval', { distance: 15e6 })],
    ['complete', claim('interval', { distance: 15e6, months: 12 })],
  ])('%s', (grade, one) => expect(gradeClaim(one).grade).toBe(grade))
})

describe('contradictions', () => {
  const front = claim('interval', { distance: 20e6, months: 12 }, { words: 'up to 20 000 km' })
  const side = claim('interval', { distance: 15e6, months: 12 }, { words: 'every 15 000 km', place: 'side' })

  test('two intervals on one box: the lower counts until the user decides', () => {
    const { claims, contradictions } = standingClaims([front, side], [])
    expect(claims).toEqual([side])
    expect(contradictions[0]).toMatchObject({ kind: 'interval', uses: side, decided: undefined })
    expect(contradictions[0]!.description).toContain('"every 15 000 km" (box, side)')
    const decision = {
      productId: 'p',
      kind: 'interval' as const,
      claimId: front.id,
      reason: 'the maker wrote so',
      decidedAt: '',
    }
    expect(standingClaims([front, side], [decision]).claims).toEqual([front])
  })

  test('two percentages at one size under one test contradict; under two tests they do not', () => {
    const [box, site] = [
      efficiency(99, 20, { standard: 'ISO 4548-12' }),
      efficiency(98.7, 20, { standard: 'ISO 4548-12' }, { place: 'site' }),
    ]
    expect(standingClaims([box, site], []).claims).toEqual([site])
    expect(standingClaims([box, efficiency(98.7, 20, { standard: 'Other test' })], []).contradictions).toEqual([])
  })

  test('claims that agree all stand: more at a larger size', () => {
    const [small, large] = [efficiency(90, 10), efficiency(99, 20)]
    expect(standingClaims([small, large], [])).toEqual({ claims: [small, large], contradictions: [] })
    const upsideDown = standingClaims([efficiency(99, 10), efficiency(90, 20)], [])
    expect(upsideDown.contradictions).toHaveLength(1)
  })
})

test('a capacity over its area stands out at 1.6 times the middle of the line-up', () => {
  const all = capacityPerArea([
    { product: 'a', capacity: 0.013, area: 0.1 },
    { product: 'b', capacity: 0.012, area: 0.1 },
    { product: 'c', capacity: 0.025, area: 0.1 },
  ])
  expect(all.map(({ product, standsOut }) => [product, standsOut])).toEqual([
    ['c', true],
    ['a', false],
    ['b', false],
  ])
  expect(all[0]!.times).toBeCloseTo(25 / 13, 10)
})
