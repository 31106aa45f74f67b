import { describe, expect, test } from 'vitest'
import type { Cell } from '#core/compare/cell.ts'
import type { CellPoints } from '#core/compare/marks.ts'
import type { Row } from '#core/compare/lineup.ts'
import type { ColumnHead } from '#app/data/lineup.server.ts'
import { sortColumns } from './sort.ts'

const column = (name: string, more: Partial<ColumnHead> = {}): ColumnHead => ({
  id: name,
  productId: name,
  revisionId: name,
  specimenId: name,
  specimenIds: [name],
  brand: 'Brand',
  name,
  revision: '',
  nickname: '',
  maker: '',
  remarks: [],
  tier: 'middle',
  specimens: 1,
  paid: undefined,
  given: [],
  completeness: 1,
  findings: 0,
  fatalFaults: [],
  faultCount: { found: 0, lookedAt: 0 },
  misfits: [],
  score: { value: 50, low: 50, high: 50, coverage: 1, fatalFault: undefined },
  ...more,
})
const score = (value: number | undefined, more: Partial<ColumnHead['score']> = {}) => ({
  score: { value, low: 0, high: 100, coverage: 1, fatalFault: undefined, ...more },
})
/** Words are liked better the later they come in the alphabet, but for y. */
const pointsOf: CellPoints = (_, cell) => (cell.state === 'words' ? { x: 5, y: 10, z: 7 }[cell.text] : undefined)
const names = (columns: ColumnHead[], by: string, rising = false, rows: Row[] = []) =>
  sortColumns(columns, rows, by, rising, pointsOf).order.map((at) => columns[at]!.name)

describe('the order of the columns', () => {
  test('by score, highest first; a fatal fault goes behind, nothing known goes last', () => {
    const columns = [
      column('none', score(undefined)),
      column('rusty', score(20, { fatalFault: 'rust' })),
      column('good', score(80)),
      column('best', score(90)),
    ]
    expect(names(columns, 'score')).toEqual(['best', 'good', 'rusty', 'none'])
    expect(names(columns, 'score', true).at(-1)).toBe('none')
  })

  test('by name from A, with numbers in their order', () => {
    expect(names([column('Norrith N-100'), column('Norrith N-40'), column('Corvane')], 'name')).toEqual([
      'Corvane',
      'Norrith N-40',
      'Norrith N-100',
    ])
    expect(names([column('A'), column('B')], 'name', true)).toEqual(['B', 'A'])
  })

  test('prices in two currencies are not sorted, and why is said', () => {
    const columns = [
      column('a', { paid: { minor: 900, currency: 'EUR' } }),
      column('b', { paid: { minor: 100, currency: 'GBP' } }),
    ]
    expect(sortColumns(columns, [], 'price', false, pointsOf)).toEqual({
      order: [0, 1],
      problem: 'Prices are in EUR and GBP: they cannot be sorted without a rate.',
    })
    const same = [
      column('a', { paid: { minor: 100, currency: 'EUR' } }),
      column('none'),
      column('b', { paid: { minor: 900, currency: 'EUR' } }),
    ]
    expect(names(same, 'price')).toEqual(['b', 'a', 'none'])
    expect(names(same, 'price', true)).toEqual(['a', 'b', 'none'])
  })

  test('by a row: numbers by value, words by their points, holes by their area', () => {
    const columns = [column('a'), column('b'), column('c')]
    const common = { evidence: 'measured' as const, specimen: 'x', of: 1 }
    const row = (cells: Cell[]): Row => ({
      key: 'row',
      label: 'Row',
      part: 'can',
      kind: 'characteristic',
      cells,
      differs: true,
    })
    expect(
      names(columns, 'row', false, [
        row([
          { state: 'number', value: 1, u: 0, ...common },
          { state: 'missing' },
          { state: 'number', value: 2, u: 0, ...common },
        ]),
      ]),
    ).toEqual(['c', 'a', 'b'])
    expect(
      names(columns, 'row', false, [
        row([
          { state: 'words', answers: [], text: 'x', ...common },
          { state: 'words', answers: [], text: 'y', ...common },
          { state: 'words', answers: [], text: 'z', ...common },
        ]),
      ]),
    ).toEqual(['b', 'c', 'a'])
    const holes = (width: number): Cell => ({ state: 'openings', groups: [{ count: 6, width }], ...common })
    expect(names(columns, 'row', false, [row([holes(0.005), holes(0.006), holes(0.004)])])).toEqual(['b', 'a', 'c'])
  })
})
