import { describe, expect, test } from 'vitest'
import { assess } from '#core/figures/assess.ts'
import { readings } from '#core/teardown/readings.fixture.ts'
import type { Cell } from './cell.ts'
import { buildLineup } from './lineup.ts'
import { columnRelations, relateCells, type ColumnRelation, type ComparisonRecord } from './related-cells.ts'
import type { Relation } from './relation.ts'
import type { RevisionColumn } from './revision-column.ts'

const column = (id: string, typed: Parameters<typeof readings>[0]): RevisionColumn => ({
  id,
  form: 'spin-on',
  specimens: [{ id: `${id}1`, assessment: assess('spin-on', readings(typed, `${id}1`)) }],
})
const said = (of: string, specimen: string, other: string, relation: Relation): ComparisonRecord => ({
  id: `${of} ${specimen} ${other}`,
  ...{ of, specimen, other, relation, evidence: 'measured' },
})
const by = (low: number | null, high: number | null): Relation => ({ scale: 'difference', low, high })
const alike: Relation = { scale: 'ratio', low: 0.97, high: 1.03 }
const rowOf = (key: string, columns: RevisionColumn[], records: ComparisonRecord[]) =>
  buildLineup(columns, () => undefined, new Map(), records).find((row) => row.key === key)!

describe('what is missing beside what is known', () => {
  const known = column('a', { 'can.wall': '0.50 mm' })
  const open = column('b', { 'can.dents': 'none' })

  test('is filled by a difference, with the doubt of both', () => {
    const { cells, relations } = rowOf(
      'can.wall',
      [known, open],
      [said('can.wall', 'b1', 'a1', by(-0.12e-3, -0.08e-3))],
    )
    const [a, b] = cells
    if (a?.state !== 'number' || b?.state !== 'number') throw new Error('Not filled')
    expect(b.value).toBeCloseTo(0.4e-3, 9)
    expect(b.u).toBeCloseTo(Math.hypot(a.u, 0.02e-3 / Math.sqrt(3)), 12)
    expect(b).toMatchObject({ specimen: 'a1', of: 1, remark: 'told beside another' })
    expect(relations?.map(({ isUsed }) => isUsed)).toEqual([true])
  })

  test('is filled from the other side as well, and along a chain', () => {
    const third = column('c', {})
    const { cells } = rowOf(
      'can.wall',
      [known, open, third],
      [said('can.wall', 'b1', 'c1', by(0.1e-3, 0.1e-3)), said('can.wall', 'a1', 'b1', by(0.1e-3, 0.1e-3))],
    )
    expect(cells.map((cell) => (cell.state === 'number' ? Math.round(cell.value * 1e6) : undefined))).toEqual([
      500, 400, 300,
    ])
  })

  test('stays open by an order, which stays a relation of the row', () => {
    const { cells, relations } = rowOf('can.wall', [known, open], [said('can.wall', 'b1', 'a1', by(null, 0))])
    expect(cells[1]).toEqual({ state: 'missing' })
    expect(relations).toMatchObject([{ a: 1, b: 0, isUsed: false }])
  })

  test('has the answer of one that is the same part, and none of one that only has more', () => {
    const coil = column('a', { 'bypass.place': 'dome', 'bypass.build': 'coil' })
    const row = rowOf('bypass.build', [coil, open], [said('bypass.build', 'b1', 'a1', alike)])
    expect(row.cells[1]).toMatchObject({ state: 'words', answers: ['coil'] })
    const more = rowOf('bypass.build', [coil, open], [said('bypass.build', 'b1', 'a1', by(0, null))])
    expect(more.cells[1]).toEqual({ state: 'missing' })
  })

  test('is as weak as the weaker of the two evidences', () => {
    const inferred = { ...said('can.wall', 'b1', 'a1', alike), evidence: 'inferred' as const }
    expect(rowOf('can.wall', [known, open], [inferred]).cells[1]).toMatchObject({ evidence: 'inferred' })
  })
})

test('what is known is not written over, and a relation to a specimen that is not there is none', () => {
  const columns = [column('a', { 'can.wall': '0.50 mm' }), column('b', { 'can.wall': '0.40 mm' })]
  const record = said('can.wall', 'b1', 'a1', by(0.1e-3, 0.2e-3))
  const row = rowOf('can.wall', columns, [record])
  expect(row.cells[1]).toMatchObject({ value: 0.0004 })
  expect(row.relations).toMatchObject([{ id: record.id, isUsed: false, isContradicted: true }])
  const agreed = rowOf('can.wall', columns, [said('can.wall', 'a1', 'b1', by(0.1e-3, 0.1e-3))])
  expect(agreed.relations).toMatchObject([{ isContradicted: false }])
  expect(
    columnRelations([said('can.wall', 'z', 'a1', alike), said('can.wall', 'a1', 'a1', alike)], columns, 'can.wall'),
  ).toEqual([])
  expect(columnRelations([record], columns, 'whole.weight')).toEqual([])
})

test('a circle of relations with nothing known ends', () => {
  const cells: Cell[] = [{ state: 'missing' }, { state: 'missing' }]
  const tie = (a: number, b: number): ColumnRelation => ({
    id: `${a} ${b}`,
    a,
    b,
    relation: alike,
    evidence: 'measured',
    isUsed: false,
    isContradicted: false,
  })
  expect(relateCells(cells, [tie(0, 1), tie(1, 0)]).cells).toEqual(cells)
})
