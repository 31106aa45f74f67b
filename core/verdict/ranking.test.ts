import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { Cell } from '#core/compare/cell.ts'
import type { Row } from '#core/compare/lineup.ts'
import { shippedSchool } from '#core/score/schools.ts'
import { shippedMethod, effectiveCriteria } from '#core/score/effective-criteria.ts'
import { applyChange } from './change.ts'
import { flipsOf, formatFlip } from './flips.ts'
import { scoreContributions } from './contributions.ts'
import { judge, judgePair } from './judgement.ts'
import { evaluateRevisions, type RevisionContext } from './ranking.ts'
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

/** Ids in the order of a judgement. */
const order = (columns: RevisionContext[], of = rows) =>
  judge(evaluateRevisions('spin-on', columns, of, criteria)).ranked.map(({ id }) => id)

describe('ranking', () => {
  test('best first; what does not fit is left out, what has a fault stands last by its cap', () => {
    expect(order(three)[0]).toBe('a')
    const judged = judge(
      evaluated([
        column('a', { misfits: ['its thread is M18'] }),
        column('b', { fatalFaults: [{ key: 'x', description: 'rust inside a new filter' }] }),
        column('c'),
      ]),
    )
    expect(judged.ranked.map(({ id }) => id)).toEqual(['c', 'b'])
    expect(judged.call).toMatchObject({ word: 'wins', named: [{ id: 'c' }] })
    expect(judged.ranked[1]!.chances.mean).toBeLessThanOrEqual(20)
  })

  test('from one reading on a product is judged, with all that is open drawn; of nothing at all it is not', () => {
    const all = effectiveCriteria(shippedMethod, shippedSchool('build'))
    const { ranked, call } = judge(evaluateRevisions('spin-on', three, rows, all))
    expect(ranked).toHaveLength(3)
    expect(call?.word).toBe('close')
    const { low, high } = ranked[0]!.chances
    expect(high - low).toBeGreaterThan(15)
    const unknown = rows.map((one) => ({ ...one, cells: one.cells.map((): Cell => ({ state: 'missing' })) }))
    expect(judge(evaluateRevisions('spin-on', three, unknown, all))).toMatchObject({ ranked: [], call: undefined })
  })

  test('a large lead in what is known wins, two that are alike are too close to call', () => {
    const poorer = rows.map((one) =>
      one.key === 'can.wall' ? { ...one, cells: [number(0.00036, 0.000003), ...one.cells.slice(1)] } : one,
    )
    const { call } = judge(evaluateRevisions('spin-on', three, poorer, criteria))
    expect(call?.word).toBe('close')
    expect(call?.named.map(({ id }) => id).sort()).toEqual(['b', 'c'])
    expect(call?.behind.map(({ id }) => id)).toEqual(['a'])
    const [a, b, c] = evaluateRevisions('spin-on', three, poorer, criteria)
    expect(judgePair([a!, b!, c!], b!, a!)).toMatchObject({ word: 'wins', named: [{ id: 'b' }] })
    expect(judgePair([a!, b!, c!], b!, c!)?.word).toBe('close')
  })

  test('two of which one does not fit are not judged against each other', () => {
    const [a, b] = evaluated([column('a', { misfits: ['its thread is M18'] }), column('b'), column('c')])
    expect(judgePair([a!, b!], a!, b!)).toBeUndefined()
  })

  test('the same line-up has the same answer, in whatever order its columns stand', () => {
    const turned = rows.map((one) => ({ ...one, cells: [...one.cells].reverse() }))
    const [here, there] = [
      judge(evaluated(three)),
      judge(evaluateRevisions('spin-on', [...three].reverse(), turned, criteria)),
    ]
    for (const { id, chance } of here.ranked)
      expect(there.ranked.find((one) => one.id === id)!.chance).toBeCloseTo(chance, 1.7)
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
    const call = judgePair([a!, b!, c!], a!, b!)
    const said = summariseFaceOff({ a: 'A', b: 'B' }, a!, b!, call, contributions, { dearer: 'a', by: '2.00 EUR' }).map(
      ({ text }) => text,
    )
    expect(said[0]).toMatch(
      /^([AB] (wins|leads) against [AB]: better|Too close to call: [AB] is better) in [<> \d]+ % of what may be\.$/,
    )
    expect(said).toContain('A gains most by can wall (0.50 mm against 0.40 mm).')
    expect(said).toContain('A costs 2.00 EUR more each; for that it is better in can wall.')
  })

  test('what was only inferred is said to be so, and is not what a price buys', () => {
    const guessed = contributions.map((one) => ({ ...one, byLook: true }))
    const said = (of: typeof contributions) =>
      summariseFaceOff({ a: 'A', b: 'B' }, a!, b!, undefined, of, { dearer: 'a', by: '2.00 EUR' }).map(
        ({ text }) => text,
      )
    expect(said(guessed)).toContain('A gains, by the look of it alone, by can wall (0.50 mm against 0.40 mm).')
    expect(said(guessed).at(-1)).toBe(
      'A costs 2.00 EUR more each and buys nothing that is larger than its uncertainty.',
    )
    const [wall] = contributions
    const mixed = said([{ ...wall!, byLook: true, gain: wall!.gain + 9 }, wall!])
    expect(mixed).toContain(
      'A gains most by can wall (0.50 mm against 0.40 mm) and can wall (0.50 mm against 0.40 mm, by the look of it).',
    )
  })

  test('a tie is called one, and a dearer filter that buys nothing is said to', () => {
    const call = judgePair([a!, b!, c!], b!, c!)
    const said = summariseFaceOff({ a: 'B', b: 'C' }, b!, c!, call, [], { dearer: 'b', by: '1.00 EUR' }).map(
      ({ text }) => text,
    )
    expect(said[0]).toContain('Too close to call')
    expect(said[1]).toBe('C costs 1.00 EUR more each and buys nothing that is larger than its uncertainty.')
  })

  test('points by part', () =>
    expect(contributionsByPart(contributions).map(({ group }) => group)).toEqual(['can', 'adbv']))
})

describe('what would change it', () => {
  const all = evaluated(three)
  const flips = flipsOf(all)

  test('is told in words, and holds when it is applied', () => {
    const before = judge(all).call!
    expect(flips.length).toBeGreaterThan(0)
    for (const flip of flips) {
      const after = judge(applyChange(all, flip.change)).call!
      expect(after).toEqual(flip.call)
      expect([after.word, after.named[0]!.id]).not.toEqual([before.word, before.named[0]!.id])
      expect(formatFlip(flip, nameOf, 'metric')).toMatch(
        /^If .+ (weighed [\d.]+ instead of [\d.]+|of [ABC] were .+ instead of .+), (it would be too close to call between|[ABC] would (win|lead) \()/,
      )
    }
  })

  test('one alone has nobody to change places with', () => expect(flipsOf([all[0]!])).toEqual([]))

  test('a weight is changed for all, a number for one alone', () => {
    const weighed = applyChange(all, { kind: 'weight', criterion: 'can-wall', from: 6, to: 0 })
    // Glue 7.5 weighs 6, the valve 4 and 10 weighs 5.
    expect(weighed.map(({ score }) => score.value)).toEqual(
      [4, 10, 10].map((valve) => expect.closeTo((10 * (6 * 7.5 + 5 * valve)) / 11, 9) as number),
    )
    const [a, b] = applyChange(all, { kind: 'value', criterion: 'can-wall', column: 'a', from: 0.0005, to: 0.00036 })
    expect(a!.score.value).toBeLessThan(all[0]!.score.value!)
    expect(a!.evidence.get('can-wall')).toMatchObject({ number: 0.00036, u: 0.000003 })
    expect(b).toBe(all[1])
  })
})

test('what was said of one beside another bears on it, unless a cell was filled by it or the readings say otherwise', () => {
  const related = (more: { isUsed?: boolean; isContradicted?: boolean }) => {
    const known = { id: 'r', isUsed: false, isContradicted: false, ...more }
    const relation = { scale: 'difference', low: 0, high: null } as const
    const relations = [{ ...known, a: 0, b: 1, relation, evidence: 'measured' } as const]
    const rows = [{ ...row('can.wall', 'can', [number(0.0005), number(0.0004)]), relations }]
    const criteria = effectiveCriteria(shippedMethod, shippedSchool('build'))
    return evaluateRevisions('spin-on', [column('a'), column('b')], rows, criteria).map((one) => one.related)
  }
  expect(related({})).toMatchObject([[{ criterion: 'can-wall', other: 'b' }], []])
  expect(related({ isUsed: true })).toEqual([[], []])
  expect(related({ isContradicted: true })).toEqual([[], []])
})
