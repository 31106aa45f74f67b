import { describe, expect, test } from 'vitest'
import type { Claim, ClaimKind, ClaimParts } from './claim.ts'
import { ofRevision, standingClaims, type ClaimDecision } from './standing.ts'

const claim = (id: string, kind: ClaimKind, parts: ClaimParts, more: Partial<Claim> = {}): Claim => ({
  id,
  productId: 'p',
  kind,
  words: `words of ${id}`,
  place: 'front',
  readOn: '2026-01-01',
  parts,
  ...more,
})
const decide = (kind: ClaimKind, claimId: string): ClaimDecision => ({
  productId: 'p',
  kind,
  claimId,
  reason: 'asked the maker',
  decidedAt: '2026-02-01T00:00:00.000Z',
})
const efficiency = (id: string, ...pairs: [percent: number, micrometres: number][]) =>
  claim(id, 'efficiency', {
    points: pairs.map(([percent, size]) => ({ share: percent / 100, saying: 'equal', size: size * 1e-6 })),
  })
const counting = (claims: Claim[], decisions: ClaimDecision[] = []) =>
  standingClaims(claims, decisions).claims.map(({ id }) => id)
const disputes = (claims: Claim[]) => standingClaims(claims, []).contradictions.map(({ kind }) => kind)

describe('of two that cannot both be true the lower counts', () => {
  test.each<[ClaimKind, ClaimParts, ClaimParts]>([
    ['capacity', { amount: 0.014 }, { amount: 0.02 }],
    ['flow', { amount: 0.0005 }, { amount: 0.0006 }],
    ['bypass', { amount: 1e5 }, { amount: 1.2e5 }],
    ['burst', { amount: 15e5 }, { amount: 20e5 }],
    ['interval', { distance: 10e6 }, { distance: 15e6 }],
    ['interval', { distance: 10e6, months: 6 }, { distance: 10e6, months: 12 }],
    ['temperature', { high: 393.15 }, { high: 408.15 }],
    ['temperature', { high: 408.15, low: 243.15 }, { high: 408.15, low: 233.15 }],
  ])('%s %o before %o', (kind, lower, higher) => {
    const [low, high] = [claim('low', kind, lower), claim('high', kind, higher)]
    for (const both of [
      [low, high],
      [high, low],
    ]) {
      expect(counting(both)).toEqual(['low'])
      expect(disputes(both)).toEqual([kind])
    }
  })

  test('efficiency: the one whose highest share is lower', () => {
    const both = [efficiency('bold', [99, 20], [60, 10]), efficiency('modest', [93.5, 20], [70, 10])]
    expect(counting(both)).toEqual(['modest'])
    expect(disputes(both)).toEqual(['efficiency'])
  })

  test('one pair in conflict is enough, and pairs that agree are not', () => {
    expect(disputes([efficiency('a', [99, 20], [60, 10]), efficiency('b', [99, 20], [50, 10])])).toEqual(['efficiency'])
    expect(disputes([efficiency('a', [99, 20], [60, 10]), efficiency('b', [99, 20])])).toEqual([])
  })
})

describe('what does not contradict', () => {
  test.each<[string, ClaimKind, ClaimParts, ClaimParts]>([
    ['the same twice', 'capacity', { amount: 0.014 }, { amount: 0.014 }],
    ['one without an amount', 'capacity', {}, { amount: 0.014 }],
    ['distance and months, each in its own claim', 'interval', { distance: 15e6 }, { months: 12 }],
    ['the cold end and the hot end', 'temperature', { low: 233.15 }, { high: 408.15 }],
    ['two slogans', 'slogan', { amount: 1 }, { amount: 2 }],
    ['two wordings of the media', 'media', { amount: 1 }, { amount: 2 }],
  ])('%s: both count', (_, kind, one, other) => {
    const both = [claim('a', kind, one), claim('b', kind, other)]
    expect(counting(both)).toEqual(['a', 'b'])
    expect(disputes(both)).toEqual([])
  })

  test('equal figures of two kinds have nothing to do with each other', () => {
    const claims = [claim('a', 'bypass', { amount: 1e5 }), claim('b', 'burst', { amount: 15e5 })]
    expect(counting(claims)).toEqual(['a', 'b'])
    expect(disputes(claims)).toEqual([])
  })

  test('a third that agrees with the lower stays, one that agrees with none goes', () => {
    const three = [
      claim('high', 'interval', { distance: 15e6 }),
      claim('low', 'interval', { distance: 10e6 }),
      claim('months', 'interval', { months: 12 }),
    ]
    expect(counting(three)).toEqual(['low', 'months'])
    const twoHigh = [...three, claim('higher', 'interval', { distance: 20e6 })]
    expect(counting(twoHigh)).toEqual(['low', 'months'])
    const [contradiction] = standingClaims(twoHigh, []).contradictions
    expect(contradiction?.claims.map(({ id }) => id)).toEqual(['high', 'low', 'higher'])
  })

  test('a claim that lacks the first figure stands behind one that has it', () => {
    const claims = [
      claim('months', 'interval', { months: 6 }),
      claim('both', 'interval', { distance: 10e6, months: 12 }),
    ]
    expect(counting(claims)).toEqual(['both'])
  })
})

describe('a decision', () => {
  const both = [claim('low', 'interval', { distance: 10e6 }), claim('high', 'interval', { distance: 15e6 })]

  test('lets the chosen one count, and is named', () => {
    const { claims, contradictions } = standingClaims(both, [decide('interval', 'high')])
    expect(claims.map(({ id }) => id)).toEqual(['high'])
    expect(contradictions[0]).toMatchObject({ uses: { id: 'high' }, decided: { reason: 'asked the maker' } })
  })

  test.each([
    ['of another kind', decide('capacity', 'high')],
    ['for a claim that is gone', decide('interval', 'gone')],
  ])('%s counts for nothing', (_, decision) => {
    expect(counting(both, [decision])).toEqual(['low'])
    expect(standingClaims(both, [decision]).contradictions[0]?.decided).toBeUndefined()
  })

  test('the right one is found behind others', () => {
    const decisions = [decide('capacity', 'low'), decide('interval', 'gone'), decide('interval', 'high')]
    expect(counting(both, decisions)).toEqual(['high'])
  })
})

test('a contradiction says what is claimed, and where each was read', () => {
  const [contradiction] = standingClaims(
    [
      claim('a', 'interval', { distance: 10e6 }, { words: 'every 10 000 km', place: 'side' }),
      claim('b', 'interval', { distance: 15e6 }, { words: '15,000 km', place: 'site' }),
    ],
    [],
  ).contradictions
  expect(contradiction).toMatchObject({
    productId: 'p',
    kind: 'interval',
    description: 'Interval: "every 10 000 km" (box, side) against "15,000 km" (maker\'s site).',
  })
})

describe('revisions', () => {
  const of = (id: string, revisionId: string | null, distance: number) =>
    claim(id, 'interval', { distance }, { revisionId })

  test('a claim of an older revision is no contradiction of the newer; of the same, or of all, it is', () => {
    expect(disputes([of('old', 'r1', 15e6), of('new', 'r2', 10e6)])).toEqual([])
    expect(disputes([of('a', 'r1', 15e6), of('b', 'r1', 10e6)])).toEqual(['interval'])
    expect(disputes([of('a', 'r1', 15e6), of('b', null, 10e6)])).toEqual(['interval'])
  })

  test('each has its own and what is said of all', () => {
    const all = [of('old', 'r1', 15e6), of('new', 'r2', 10e6), of('both', null, 12e6)]
    expect(ofRevision(all, 'r2').map(({ id }) => id)).toEqual(['new', 'both'])
  })
})
