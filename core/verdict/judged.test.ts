import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { Cell, Row } from '#core/compare/lineup.ts'
import { findSchool } from '#core/score/schools.ts'
import { firstMethod, schemeOf } from '#core/score/scheme.ts'
import { whatWouldChange } from './changes.ts'
import { groundsOf } from './grounds.ts'
import { judgeColumns, leaders, ranking, scoresTied, type Judgeable } from './judged.ts'
import { partsTaken, summarise } from './summary.ts'

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
const column = (id: string, more: Partial<Judgeable> = {}): Judgeable => ({
  id,
  vetoes: [],
  misfits: [],
  facts: {},
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
const scheme = schemeOf(firstMethod, findSchool('build')).filter(({ from }) => rows.some(({ key }) => key === from))
const judged = (columns: Judgeable[]) => judgeColumns('spin-on', columns, rows, scheme)
const three = [column('a'), column('b'), column('c')]
const nameOf = (id: string) => id.toUpperCase()

describe('ranking', () => {
  test('best first; what does not fit is left out, what has a fault stands last by its cap', () => {
    const [a, b, c] = judged(three).map(({ score }) => score.value!)
    expect(Math.abs(b! - c!)).toBeLessThan(1)
    const order = ranking(
      judged([
        column('a', { misfits: ['its thread is M18'] }),
        column('b', { vetoes: [{ key: 'x', because: 'rust inside a new filter' }] }),
        column('c'),
      ]),
    )
    expect(order.map(({ id }) => id)).toEqual(['c', 'b'])
    expect(order[1]!.score.value).toBeLessThanOrEqual(20)
    expect(a).toBeDefined()
  })

  test('a product of which too little is known is not ranked', () => {
    const all = schemeOf(firstMethod, findSchool('build'))
    expect(ranking(judgeColumns('spin-on', three, rows, all))).toEqual([])
  })

  test('leaders are tied when their difference is within its uncertainty, or below a point', () => {
    expect(scoresTied({ value: 80, u: 0 }, { value: 80.9, u: 0 })).toBe(true)
    expect(scoresTied({ value: 80, u: 0 }, { value: 82, u: 0 })).toBe(false)
    expect(scoresTied({ value: 80, u: 1 }, { value: 82, u: 1 })).toBe(true)
    expect(
      leaders(
        ranking(judged([column('b'), column('b'), column('c')].map((one, at) => ({ ...one, id: String(at) })))).filter(
          ({ id }) => id !== '0',
        ),
      ).length,
    ).toBe(2)
  })

  test('another rival leaves the scores of the others as they are', () => {
    fc.assert(
      fc.property(fc.integer({ min: 30, max: 70 }), (wall) => {
        const more = rows.map((one) => ({
          ...one,
          cells: [...one.cells, one.key === 'can.wall' ? number(wall / 1e5) : one.cells[0]!],
        }))
        const [before, after] = [judged(three), judgeColumns('spin-on', [...three, column('d')], more, scheme)]
        return before.every(({ score }, at) => score.value === after[at]!.score.value)
      }),
    )
  })
})

describe('grounds', () => {
  const [a, b, c] = judged(three)

  test('are the real differences, largest gain first, losses last', () => {
    const grounds = groundsOf(a!, b!, rows, three, 'metric')
    expect(grounds.map(({ criterion, first, second }) => [criterion.key, first, second])).toEqual([
      ['can-wall', '0.50 mm', '0.40 mm'],
      ['adbv-material', 'nitrile', 'silicone'],
    ])
    expect(grounds[0]!.gain).toBeGreaterThan(0)
    expect(grounds[1]!.gain).toBeLessThan(0)
    expect(grounds[0]!.specimen).toBe('s0.0005')
  })

  test('what is within its uncertainty is none', () => expect(groundsOf(b!, c!, rows, three, 'metric')).toEqual([]))

  test('are the same from the other side with the sign turned', () => {
    const [mine, theirs] = [groundsOf(a!, b!, rows, three, 'metric'), groundsOf(b!, a!, rows, three, 'metric')]
    expect(theirs.map(({ gain }) => -gain).reverse()).toEqual(mine.map(({ gain }) => gain))
  })

  test('their sum is the difference of the scores when all is known of both', () => {
    const sum = groundsOf(a!, b!, rows, three, 'metric').reduce((total, { gain }) => total + gain, 0)
    expect(sum).toBeCloseTo(a!.score.value! - b!.score.value!, 9)
  })
})

describe('in plain sentences', () => {
  const [a, b, c] = judged(three)
  const grounds = groundsOf(a!, b!, rows, three, 'metric')

  test('who is ahead, by what, and what the price buys', () => {
    const said = summarise({ a: 'A', b: 'B' }, a!, b!, grounds, { dearer: 'a', by: '2.00 EUR' }).map(({ says }) => says)
    const ahead = a!.score.value! > b!.score.value! ? 'A' : 'B'
    expect(said[0]).toMatch(new RegExp(`^(${ahead} is ahead|Too close to call)`))
    expect(said).toContain('A gains most by can wall (0.50 mm against 0.40 mm).')
    expect(said).toContain('A costs 2.00 EUR more each; for that it is better in can wall.')
  })

  test('a tie is called one, and a dearer filter that buys nothing is said to', () => {
    const said = summarise({ a: 'B', b: 'C' }, b!, c!, [], { dearer: 'b', by: '1.00 EUR' }).map(({ says }) => says)
    expect(said[0]).toContain('Too close to call')
    expect(said[1]).toBe('C costs 1.00 EUR more each and buys nothing that is larger than its uncertainty.')
  })

  test('points by part', () => expect(partsTaken(grounds).map(({ group }) => group)).toEqual(['can', 'adbv']))
})

describe('what would change it', () => {
  test('says the weight, the reading and, when all is known, nothing more to find out', () => {
    const says = whatWouldChange(
      ranking(judged(three)).filter(({ id }) => id !== 'c'),
      three,
      nameOf,
      'metric',
    ).map((change) => change.says)
    expect(says[0]).toMatch(/weighing [\d.]+ instead of [\d.]+ would put [ABC] before [ABC]\.$/)
    expect(says.some((one) => /Can wall of [ABC] at 0\.\d\d mm instead of 0\.\d\d mm/.test(one))).toBe(true)
    expect(says.some((one) => one.startsWith('Most worth'))).toBe(false)
  })

  test('one alone has nobody to change places with', () =>
    expect(whatWouldChange(judged([three[0]!]).slice(0, 1), three, nameOf, 'metric')).toEqual([]))
})
