import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { Cell } from '#core/compare/cell.ts'
import type { Row } from '#core/compare/lineup.ts'
import { shippedSchool } from '#core/score/schools.ts'
import { shippedMethod, effectiveCriteria } from '#core/score/effective-criteria.ts'
import { sensitivity } from './sensitivity.ts'
import { scoreContributions } from './contributions.ts'
import { evaluateRevisions, leaders, rankRevisions, scoresTied, type RevisionContext } from './ranking.ts'
import { contributionsByPart, summariseFaceOff } from './summary.ts'

const number = (value: number, u = 0): Cell => ({
  state: 'number',
  value,
  u,
  evidence: 'measured',
  specimen: `s${value}`,
  of: 1,
})
const words = (answer: string): Cell => ({
  state: 'words',
  text: answer,
  answers: [answer],
  evidence: 'observed',
  specimen: 's',
  of: 1,
})
const row = (key: string, part: Row['part'], cells: Cell[]): Row => ({
  key,
  label: key,
  part,
  kind: 'characteristic',
  cells,
  differs: true,
})
const column = (id: string, more: Partial<RevisionContext> = {}): RevisionContext => ({
  id,
  fatalFaults: [],
  misfits: [],
  attributes: {},
  ...more,
})

const walls = [0.0005, 0.0004, 0.000401]
const rows = [
  row(
    'can.wall',
    'can',
    walls.map((wall) => number(wall, 0.000003)),
  ),
  row('glue.grade', 'caps', [number(3), number(3), number(3)]),
  row('adbv.material', 'adbv', [words('nitrile'), words('silicone'), words('silicone')]),
]
const criteria = effectiveCriteria(shippedMethod, shippedSchool('build')).filter(({ attribute }) =>
  rows.some(({ key }) => key === attribute),
)
const evaluated = (columns: RevisionContext[]) => evaluateRevisions('spin-on', columns, rows, criteria)
const three = [column('a'), column('b'), column('c')]
const nameOf = (id: string) => id.toUpperCase()

describe('ranking', () => {
  test('best first; what does not fit is left out, what has a fault stands last by its cap', () => {
    expect(rankRevisions(evaluated(three)).map(({ id }) => id)).toEqual(['c', 'b', 'a'])
    const order = rankRevisions(
      evaluated([
        column('a', { misfits: ['its thread is M18'] }),
        column('b', { fatalFaults: [{ key: 'x', description: 'rust inside a new filter' }] }),
        column('c'),
      ]),
    )
    expect(order.map(({ id }) => id)).toEqual(['c', 'b'])
    expect(order[1]!.score.value).toBeLessThanOrEqual(20)
  })

  test('a product of which too little is known is not ranked', () => {
    const all = effectiveCriteria(shippedMethod, shippedSchool('build'))
    expect(rankRevisions(evaluateRevisions('spin-on', three, rows, all))).toEqual([])
  })

  test('leaders are tied when their difference is within its uncertainty, or below a point', () => {
    expect(scoresTied({ value: 80, u: 0 }, { value: 80.9, u: 0 })).toBe(true)
    expect(scoresTied({ value: 80, u: 0 }, { value: 82, u: 0 })).toBe(false)
    expect(scoresTied({ value: 80, u: 1 }, { value: 82, u: 1 })).toBe(true)
    const poorer = rows.map((one) =>
      one.key === 'can.wall' ? { ...one, cells: [number(0.0003), ...one.cells.slice(1)] } : one,
    )
    const ranked = rankRevisions(evaluateRevisions('spin-on', three, poorer, criteria))
    expect(ranked.map(({ id }) => id)).toEqual(['c', 'b', 'a'])
    expect(leaders(ranked).map(({ id }) => id)).toEqual(['c', 'b'])
  })

  test('another rival leaves the scores of the others as they are', () => {
    fc.assert(
      fc.property(fc.integer({ min: 30, max: 70 }), (wall) => {
        const more = rows.map((one) => ({
          ...one,
          cells: [...one.cells, one.key === 'can.wall' ? number(wall / 1e5) : one.cells[0]!],
        }))
        const [before, after] = [
          evaluated(three),
          evaluateRevisions('spin-on', [...three, column('d')], more, criteria),
        ]
        return before.every(({ score }, at) => score.value === after[at]!.score.value)
      }),
    )
  })
})

describe('contributions', () => {
  const [a, b, c] = evaluated(three)

  test('are the real differences, largest gain first, losses last', () => {
    const contributions = scoreContributions(a!, b!, rows, 'metric')
    expect(contributions.map(({ criterion, first, second }) => [criterion.key, first, second])).toEqual([
      ['can-wall', '0.50 mm', '0.40 mm'],
      ['adbv-material', 'nitrile', 'silicone'],
    ])
    expect(contributions[0]!.gain).toBeGreaterThan(0)
    expect(contributions[1]!.gain).toBeLessThan(0)
    expect(contributions[0]!.specimen).toBe('s0.0005')
  })

  test('what is within its uncertainty is none', () => expect(scoreContributions(b!, c!, rows, 'metric')).toEqual([]))

  test('are the same from the other side with the sign turned', () => {
    const [mine, theirs] = [scoreContributions(a!, b!, rows, 'metric'), scoreContributions(b!, a!, rows, 'metric')]
    expect(theirs.map(({ gain }) => -gain).reverse()).toEqual(mine.map(({ gain }) => gain))
  })

  test('their sum is the difference of the scores when all is known of both', () => {
    const sum = scoreContributions(a!, b!, rows, 'metric').reduce((total, { gain }) => total + gain, 0)
    expect(sum).toBeCloseTo(a!.score.value! - b!.score.value!, 9)
  })
})

describe('in plain sentences', () => {
  const [a, b, c] = evaluated(three)
  const contributions = scoreContributions(a!, b!, rows, 'metric')

  test('who is ahead, by what, and what the price buys', () => {
    const said = summariseFaceOff({ a: 'A', b: 'B' }, a!, b!, contributions, { dearer: 'a', by: '2.00 EUR' }).map(
      ({ text }) => text,
    )
    expect(said[0]).toBe('Too close to call: 72 and 73, a difference within the uncertainty or below a point.')
    expect(said).toContain('A gains most by can wall (0.50 mm against 0.40 mm).')
    expect(said).toContain('A costs 2.00 EUR more each; for that it is better in can wall.')
  })

  test('a tie is called one, and a dearer filter that buys nothing is said to', () => {
    const said = summariseFaceOff({ a: 'B', b: 'C' }, b!, c!, [], { dearer: 'b', by: '1.00 EUR' }).map(
      ({ text }) => text,
    )
    expect(said[0]).toContain('Too close to call')
    expect(said[1]).toBe('C costs 1.00 EUR more each and buys nothing that is larger than its uncertainty.')
  })

  test('points by part', () =>
    expect(contributionsByPart(contributions).map(({ group }) => group)).toEqual(['can', 'adbv']))
})

describe('what would change it', () => {
  test('says the weight, the reading and, when all is known, nothing more to find out', () => {
    const says = sensitivity(
      rankRevisions(evaluated(three)).filter(({ id }) => id !== 'c'),
      nameOf,
      'metric',
    ).map((change) => change.text)
    expect(says[0]).toMatch(/weighing [\d.]+ instead of [\d.]+ would put [ABC] before [ABC]\.$/)
    expect(says.some((one) => /Can wall of [ABC] at 0\.\d\d mm instead of 0\.\d\d mm/.test(one))).toBe(true)
    expect(says.some((one) => one.startsWith('Most worth'))).toBe(false)
  })

  test('one alone has nobody to change places with', () =>
    expect(sensitivity(evaluated([three[0]!]).slice(0, 1), nameOf, 'metric')).toEqual([]))
})
