import { describe, expect, test } from 'vitest'
import type { Cell } from '#core/compare/cell.ts'
import type { Row } from '#core/compare/lineup.ts'
import { shippedSchool } from '#core/score/schools.ts'
import { shippedMethod, effectiveCriteria } from '#core/score/effective-criteria.ts'
import { takeSnapshot, runnerUp } from './snapshot.ts'
import { evaluateRevisions, rankRevisions, type RevisionContext } from './ranking.ts'

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
const ranked = rankRevisions(evaluateRevisions('spin-on', columns, rows, criteria))
const by = { school: 'Build first', driver: 'Ferry taxi', method: 3 }

describe('a verdict kept as it stood', () => {
  const snapshot = takeSnapshot(ranked, rows, (id) => id.toUpperCase(), by, 'metric')

  test('names who judged, and the ranking with what each score may be', () => {
    expect(snapshot).toMatchObject(by)
    expect(snapshot.ranking.map(({ name }) => name)).toEqual(['C', 'B', 'A'])
    for (const { value, low, high } of snapshot.ranking) expect(value > low - 1e-9 && value < high + 1e-9).toBe(true)
  })

  test('a tie has two winners, and is set against the first that is apart', () => {
    expect(snapshot.winners).toEqual(['C', 'B'])
    expect(runnerUp(ranked)?.id).toBe('a')
    expect(snapshot.sentences).toEqual(['Can wall: 0.50 mm against 0.45 mm.'])
  })

  test('nobody ranked, nothing said', () =>
    expect(takeSnapshot([], rows, (id) => id, by, 'metric')).toEqual({
      ...by,
      ranking: [],
      winners: [],
      sentences: [],
    }))
})
