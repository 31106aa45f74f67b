import { describe, expect, test } from 'vitest'
import type { Cell } from '#core/compare/cell.ts'
import type { Row } from '#core/compare/lineup.ts'
import { shippedCriterion } from '#core/score/criteria.ts'
import type { Contribution } from '#core/verdict/contributions.ts'
import { percentileOf, talkingPoints, type TalkingMaterial } from './talking-points.ts'

const number = (value: number, of: Partial<Extract<Cell, { state: 'number' }>> = {}): Cell => ({
  ...{ state: 'number', value, u: 1e-5, evidence: 'measured', specimen: 's', of: 1 },
  ...of,
})
const wall = (...cells: Cell[]): Row => ({
  ...{ key: 'can.wall', label: 'Can wall', part: 'can', kind: 'characteristic' },
  ...{ cells, differs: true },
})
const valve = (text: string, of: Partial<Extract<Cell, { state: 'words' }>> = {}): Row => ({
  ...{ key: 'adbv.material', label: 'Valve material', part: 'adbv', kind: 'characteristic', differs: true },
  cells: [{ state: 'words', text, answers: ['nitrile'], evidence: 'observed', specimen: 's', of: 1, ...of }],
})
const others = (values: (string | number)[]) => values.map((value, at) => ({ product: `o${at}`, value }))
const tenWalls = others([0.3, 0.31, 0.32, 0.33, 0.34, 0.35, 0.36, 0.37, 0.38, 0.39].map((mm) => mm / 1000))

const pointsOf = (of: Partial<TalkingMaterial>) =>
  talkingPoints({
    at: 0,
    productId: 'own',
    specimens: 2,
    rows: [],
    library: new Map(),
    rival: undefined,
    contradictions: [],
    notLookedAt: [],
    weights: new Map([['can.wall', 3]]),
    units: 'metric',
    ...of,
  })
const textsOf = (of: Partial<TalkingMaterial>) => pointsOf(of).map(({ text }) => text)

describe('what is unusual', () => {
  const library = new Map([['can.wall', tenWalls]])

  test('more than all others opened so far, with percentile and n', () => {
    expect(textsOf({ rows: [wall(number(0.0006))], library })).toEqual([
      'Can wall, 0.60 mm: more than 10 of 10 others opened so far (percentile 100, n = 11).',
    ])
  })

  test('what only looks so is said to look so', () => {
    const inferred = number(0.0006, { evidence: 'inferred' })
    expect(textsOf({ rows: [wall(inferred)], library })[0]).toMatch(/^Can wall, 0.60 mm, by the look of it:/)
  })

  test('what is within its doubt of others is not unusual', () => {
    expect(textsOf({ rows: [wall(number(0.0004, { u: 5e-5 }))], library })).toEqual([])
    expect(textsOf({ rows: [wall(number(0.00035))], library })).toEqual([])
  })

  test('with fewer than five others nothing is', () => {
    expect(textsOf({ rows: [wall(number(0.0006))], library: new Map([['can.wall', tenWalls.slice(0, 4)]]) })).toEqual(
      [],
    )
  })

  test('its own other specimens are no others', () => {
    const own = tenWalls.map((one) => ({ ...one, product: 'own' }))
    expect(textsOf({ rows: [wall(number(0.0006))], library: new Map([['can.wall', own]]) })).toEqual([])
  })

  test('an answer that hardly any other has', () => {
    const silicone = new Map([['adbv.material', others(Array.from({ length: 12 }, () => 'silicone'))]])
    expect(textsOf({ rows: [valve('Nitrile')], library: silicone })).toEqual([
      'Valve material, nitrile: none of 12 others opened so far has that (n = 13).',
    ])
    const mixed = new Map([['adbv.material', others(['nitrile', 'nitrile', 'silicone', 'silicone', 'silicone'])]])
    expect(textsOf({ rows: [valve('Nitrile')], library: mixed })).toEqual([])
  })

  /** Percentile rank with half of the ties: from memory, the usual definition of statistics textbooks. */
  test.each([
    [0, [1, 2], 0],
    [2, [1, 2, 3], 50],
    [9, [1, 2], 100],
  ])('%d among %j is at %d', (value, all, percentile) => expect(percentileOf(value, all)).toBe(percentile))
})

describe('beside its rival', () => {
  const contribution = (gain: number, byLook = false): Contribution => ({
    criterion: shippedCriterion('can-wall'),
    ...{ group: 'can', gain, first: '0.51 mm', second: '0.38 mm', byLook, specimen: 's' },
  })

  test('what decides is said for or against it, with how it is known', () => {
    const beside = (contributions: Contribution[]) => textsOf({ rival: { name: 'M-2', at: 1, contributions } })[0]
    expect(beside([contribution(1), contribution(-4, true)])).toBe(
      'most against it beside M-2 speaks the can wall, 0.51 mm against 0.38 mm, by the look of it.',
    )
    expect(beside([])).toBe('nothing that is larger than its doubt parts it from M-2.')
  })

  test('a difference within its doubt is said to be a tie', () => {
    const rows = [wall(number(0.00041, { u: 2e-5 }), number(0.0004, { u: 2e-5 }))]
    expect(pointsOf({ rows, rival: { name: 'M-2', at: 1, contributions: [] } }).at(-1)).toEqual({
      kind: 'tie',
      text: 'Can wall, 0.41 mm against 0.40 mm of M-2: a tie, they differ by less than can be told.',
      ground: { key: 'can.wall', specimen: 's' },
    })
  })

  test('a real difference is none, and a row that nothing judges is not worth it', () => {
    const rival = { name: 'M-2', at: 1, contributions: [] }
    const kinds = (of: Partial<TalkingMaterial>) => pointsOf({ rival, ...of }).map(({ kind }) => kind)
    expect(kinds({ rows: [wall(number(0.0005), number(0.0004))] })).toEqual(['decides'])
    const tied = [wall(number(0.00041, { u: 2e-5 }), number(0.0004, { u: 2e-5 }))]
    expect(kinds({ rows: tied, weights: new Map() })).toEqual(['decides'])
  })
})

test('what nobody knows names the weightiest, and that one is no pattern', () => {
  expect(textsOf({ specimens: 1, notLookedAt: ['Glue', 'Seam', 'Core', 'Spring', 'Box'] })).toEqual([
    'Nobody has looked at glue, seam, core and 2 more. One specimen was opened: how the next one is built is not known.',
  ])
})

test('a contradiction is told, others are counted', () => {
  expect(textsOf({ contradictions: ['Two things.', 'Three.'] })).toEqual(['Two things. And 1 more.'])
})
