import { describe, expect, test } from 'vitest'
import { readings } from '#core/teardown/readings.fixture.ts'
import { assess } from '#core/figures/assess.ts'
import { areTied } from './difference.ts'
import type { CellPoints } from './marks.ts'
import { buildLineup } from './lineup.ts'
import type { RevisionColumn } from './revision-column.ts'

const column = (id: string, ...specimens: Parameters<typeof readings>[0][]): RevisionColumn => ({
  id,
  form: 'spin-on',
  specimens: specimens.map((typed, index) => ({
    id: `${id}${index}`,
    assessment: assess('spin-on', readings(typed, `${id}${index}`)),
  })),
})
/** More wall is liked better; nothing else is judged. */
const thickerWall: CellPoints = (key, cell) =>
  key === 'can.wall' && cell.state === 'number' ? cell.value * 1e4 : undefined
const rowOf = (columns: RevisionColumn[], key: string) =>
  buildLineup(columns, thickerWall).find((row) => row.key === key)!

describe('a row of the line-up', () => {
  test('marks best and worst only beyond the uncertainty of the difference', () => {
    const row = rowOf(
      [
        column('a', { 'can.wall': '0.53 mm' }),
        column('b', { 'can.wall': '0.535 mm' }),
        column('c', { 'can.wall': '0.40 mm' }),
      ],
      'can.wall',
    )
    expect(row.cells.map((cell) => ('mark' in cell ? cell.mark : undefined))).toEqual(['best', 'best', 'worst'])
    expect(row.differs).toBe(true)
  })

  test('a three-gram spread of kitchen scales is no difference when the scale says so, and ties are unmarked', () => {
    const close = rowOf([column('a', { 'can.wall': '0.50 mm' }), column('b', { 'can.wall': '0.502 mm' })], 'can.wall')
    expect(close.cells.some((cell) => 'mark' in cell && cell.mark)).toBe(false)
    expect(close.differs).toBe(false)
    expect(areTied({ value: 300, u: 1 }, { value: 302, u: 1 })).toBe(true)
    expect(areTied({ value: 300, u: 1 }, { value: 303, u: 1 })).toBe(false)
  })

  test('a heavier filter is neither better nor worse', () => {
    const row = rowOf(
      [column('a', { 'whole.weight': '300 g' }), column('b', { 'whole.weight': '250 g' })],
      'whole.weight',
    )
    expect(row.cells.every((cell) => !('mark' in cell) || !cell.mark)).toBe(true)
    expect(row.differs).toBe(true)
  })

  test('missing is missing, not applicable says why', () => {
    const columns = [
      column('a', { 'bypass.place': 'none' }),
      column('b', { 'bypass.place': 'dome', 'bypass.build': 'coil' }),
    ]
    const [first, second] = rowOf(columns, 'bypass.build').cells
    expect(first).toEqual({ state: 'not-applicable', reason: 'there is no bypass valve in this filter' })
    expect(second).toMatchObject({ state: 'words', text: 'Coil plunger' })
    expect(rowOf(columns, 'can.wall').cells[0]).toEqual({ state: 'missing' })
    expect(rowOf(columns, 'media.area').cells[0]).toEqual({ state: 'missing' })
  })

  test('several specimens are averaged, and differing answers stand side by side', () => {
    const columns = [
      column(
        'a',
        { 'can.wall': '0.50 mm', 'seal.end': '3', 'adbv.material': 'silicone' },
        { 'can.wall': '0.60 mm', 'adbv.material': 'nitrile' },
      ),
      column('b', { 'can.wall': '0.40 mm' }),
    ]
    const wall = rowOf(columns, 'can.wall').cells[0]!
    expect(wall).toMatchObject({ state: 'number', of: 2 })
    expect(wall.state === 'number' && wall.value).toBeCloseTo(0.00055, 9)
    const single = rowOf(columns, 'can.wall').cells[1]!
    expect(wall).toMatchObject({ spread: 'specimens' })
    expect(single).toMatchObject({ spread: 'assumed' })
    expect(wall.state === 'number' && single.state === 'number' && wall.u / wall.value).toBeGreaterThan(
      single.state === 'number' ? single.u / single.value : 1,
    )
    expect(rowOf(columns, 'adbv.material').cells[0]).toMatchObject({ text: 'Silicone / Nitrile' })
  })

  test('a figure that cannot be says so', () => {
    const row = rowOf(
      [
        column('a', {
          'media.length': '1.2 m',
          'media.how': 'strip',
          'media.width': '24 mm',
          'media.buried': { typed: '14 mm' },
        }),
        column('b', {}),
      ],
      'media.area',
    )
    expect(row.cells[0]).toMatchObject({ state: 'number' })
    const narrow = {
      id: 'x',
      form: 'spin-on' as const,
      specimens: [
        {
          id: 'x0',
          assessment: assess('spin-on', [
            ...readings({ 'media.length': '1.2 m', 'media.how': 'strip', 'media.buried': '14 mm' }),
            { ...readings({ 'media.width': '21 mm' })[0]!, valueNumber: 0.012 },
          ]),
        },
      ],
    }
    expect(rowOf([narrow], 'media.area').cells[0]).toMatchObject({
      state: 'impossible',
      message: 'More of the width is buried than there is width',
    })
  })

  test('an added rival never changes another column', () => {
    const [a, b] = [
      column('a', { 'can.wall': '0.5 mm', 'glue.grade': '3' }),
      column('b', { 'can.wall': '0.4 mm', 'glue.grade': '1' }),
    ]
    const own = (columns: RevisionColumn[]) =>
      new Map(buildLineup(columns, () => undefined).map(({ key, cells }) => [key, cells[0]]))
    const alone = own([a])
    const beside = own([a, b])
    expect([...alone.keys()]).toEqual([...beside.keys()])
    for (const [key, cell] of alone) expect(beside.get(key)).toEqual(cell)
  })
})
