import { describe, expect, test } from 'vitest'
import type { Cell, Row } from '#core/compare/lineup.ts'
import { findSchool } from '#core/score/schools.ts'
import { firstMethod, schemeOf } from '#core/score/scheme.ts'
import { freeze, runnerUpOf } from './freeze.ts'
import { judgeColumns, ranking, type Judgeable } from './judged.ts'

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
const columns: Judgeable[] = ['a', 'b', 'c'].map((id) => ({ id, vetoes: [], misfits: [], facts: {} }))
const scheme = schemeOf(firstMethod, findSchool('build')).filter(({ from }) => from === 'can.wall')
const ranked = ranking(judgeColumns('spin-on', columns, rows, scheme))
const by = { school: 'Build first', driver: 'Ferry taxi', method: 3 }

describe('a verdict kept as it stood', () => {
  const frozen = freeze(ranked, rows, columns, (id) => id.toUpperCase(), by, 'metric')

  test('names who judged, and the ranking with what each score may be', () => {
    expect(frozen).toMatchObject(by)
    expect(frozen.ranking.map(({ name }) => name)).toEqual(['C', 'B', 'A'])
    for (const { value, low, high } of frozen.ranking) expect(value > low - 1e-9 && value < high + 1e-9).toBe(true)
  })

  test('a tie has two winners, and is set against the first that is apart', () => {
    expect(frozen.winners).toEqual(['C', 'B'])
    expect(runnerUpOf(ranked)?.id).toBe('a')
    expect(frozen.sentences).toEqual(['Can wall: 0.50 mm against 0.45 mm.'])
  })

  test('nobody ranked, nothing said', () =>
    expect(freeze([], rows, columns, (id) => id, by, 'metric')).toEqual({
      ...by,
      ranking: [],
      winners: [],
      sentences: [],
    }))
})
