import { describe, expect, test } from 'vitest'
import type { Cell } from '#core/compare/cell.ts'
import type { Row } from '#core/compare/lineup.ts'
import { shippedSchool } from '#core/score/schools.ts'
import { shippedMethod, effectiveCriteria } from '#core/score/effective-criteria.ts'
import { judge } from './judgement.ts'
import { evaluateRevisions, type RevisionContext } from './ranking.ts'
import { takeSnapshot } from './snapshot.ts'

const wall = (value: number): Cell => ({
  state: 'number',
  value,
  u: 0.000003,
  evidence: 'measured',
  specimen: `s${value}`,
  of: 1,
})
const rows: Row[] = [
  {
    key: 'can.wall',
    label: 'Can wall',
    part: 'can',
    kind: 'characteristic',
    cells: [wall(0.00045), wall(0.0005), wall(0.000501)],
    differs: true,
  },
]
const columns: RevisionContext[] = ['a', 'b', 'c'].map((id) => ({
  id,
  fatalFaults: [],
  misfits: [],
  attributes: {},
}))
const criteria = effectiveCriteria(shippedMethod, shippedSchool('build')).filter(
  ({ attribute }) => attribute === 'can.wall',
)
const judgement = judge(evaluateRevisions('spin-on', columns, rows, criteria))
const plain = { nameOf: (id: string) => id, disclosureOf: () => '' }
const by = { school: 'Build first', driver: 'Ferry taxi', method: 3 }

describe('a verdict kept as it stood', () => {
  const snapshot = () =>
    takeSnapshot(judgement, rows, { nameOf: (id) => id.toUpperCase(), disclosureOf: (id) => `one ${id}` }, by, 'metric')

  test('names who judged, and the ranking with what each score may be', () => {
    expect(snapshot()).toMatchObject(by)
    expect(
      snapshot()
        .ranking.map(({ name }) => name)
        .sort(),
    ).toEqual(['A', 'B', 'C'])
    expect(snapshot().ranking.at(-1)!.name).toBe('A')
    for (const { value, low, high } of snapshot().ranking) expect(value > low && value < high).toBe(true)
    expect(snapshot().ranking.reduce((sum, { chance = 0 }) => sum + chance, 0)).toBeCloseTo(1, 9)
  })

  test('says in sentences what the first has over the next, and nothing that speaks against it', () => {
    const two = judge(evaluateRevisions('spin-on', columns.slice(0, 2), rows, criteria))
    expect(takeSnapshot(two, rows, plain, by, 'metric').sentences).toEqual(['Can wall: 0.50 mm against 0.45 mm.'])
    expect(takeSnapshot(judge([]), rows, plain, by, 'metric')).toEqual({
      ...by,
      ranking: [],
      winners: [],
      sentences: [],
    })
  })

  test('says of each what it was judged on, and what is to be disclosed', () => {
    expect(snapshot().ranking.at(-1)).toMatchObject({ judgedOn: '1 of 1, 100 % of the weight', disclosure: 'one a' })
  })

  test('a tie has two winners, and says how sure that is', () => {
    expect(snapshot().winners.sort()).toEqual(['B', 'C'])
    expect(snapshot()).toMatchObject({ word: 'close' })
    expect(snapshot().call).toMatch(/^Too close to call between [BC] \(\d\d %\) and [BC] \(\d\d %\)\.$/)
  })

  test('what speaks for the first against the second is kept', () => {
    const apart = judge(evaluateRevisions('spin-on', columns.slice(0, 2), rows, criteria))
    expect(takeSnapshot(apart, rows, plain, by, 'metric')).toMatchObject({
      word: 'wins',
      sentences: ['Can wall: 0.50 mm against 0.45 mm.'],
    })
  })

  test('nobody ranked, nothing said', () =>
    expect(takeSnapshot(judge([]), rows, plain, by, 'metric')).toEqual({
      ...by,
      ranking: [],
      winners: [],
      sentences: [],
    }))
})
