import { describe, expect, test } from 'vitest'
import { characteristicOf } from '#core/catalogue/index.ts'
import { lineupCsv } from '#core/exchange/lineup-csv.ts'
import { findFigure } from '#core/figures/index.ts'
import { readings } from '#core/teardown/readings.fixture.ts'
import { assess } from './assess.ts'
import { sayNumber, sayUncertain, sayValue } from './display.ts'
import { buildLineup, tied, type Entrant } from './lineup.ts'

const entrant = (id: string, ...specimens: Parameters<typeof readings>[0][]): Entrant => ({
  id,
  form: 'spin-on',
  specimens: specimens.map((typed, index) => ({
    id: `${id}${index}`,
    assessment: assess('spin-on', readings(typed, `${id}${index}`)),
  })),
})
const rowOf = (entrants: Entrant[], key: string) => buildLineup(entrants).find((row) => row.key === key)!

describe('a row of the line-up', () => {
  test('marks best and worst only beyond the uncertainty of the difference', () => {
    const row = rowOf(
      [
        entrant('a', { 'can.wall': '0.53 mm' }),
        entrant('b', { 'can.wall': '0.535 mm' }),
        entrant('c', { 'can.wall': '0.40 mm' }),
      ],
      'can.wall',
    )
    expect(row.cells.map((cell) => ('mark' in cell ? cell.mark : undefined))).toEqual(['best', 'best', 'worst'])
    expect(row.differs).toBe(true)
  })

  test('a three-gram spread of kitchen scales is no difference when the scale says so, and ties are unmarked', () => {
    const close = rowOf([entrant('a', { 'can.wall': '0.50 mm' }), entrant('b', { 'can.wall': '0.502 mm' })], 'can.wall')
    expect(close.cells.some((cell) => 'mark' in cell && cell.mark)).toBe(false)
    expect(close.differs).toBe(false)
    expect(tied({ value: 300, u: 1 }, { value: 302, u: 1 })).toBe(true)
    expect(tied({ value: 300, u: 1 }, { value: 303, u: 1 })).toBe(false)
  })

  test('a heavier filter is neither better nor worse', () => {
    const row = rowOf(
      [entrant('a', { 'whole.weight': '300 g' }), entrant('b', { 'whole.weight': '250 g' })],
      'whole.weight',
    )
    expect(row.cells.every((cell) => !('mark' in cell) || !cell.mark)).toBe(true)
    expect(row.differs).toBe(true)
  })

  test('missing is missing, not applicable says why', () => {
    const entrants = [
      entrant('a', { 'bypass.place': 'none' }),
      entrant('b', { 'bypass.place': 'dome', 'bypass.build': 'coil' }),
    ]
    const [first, second] = rowOf(entrants, 'bypass.build').cells
    expect(first).toEqual({ state: 'not-applicable', reason: 'there is no bypass valve in this filter' })
    expect(second).toMatchObject({ state: 'words', text: 'Coil plunger' })
    expect(rowOf(entrants, 'can.wall').cells[0]).toEqual({ state: 'missing' })
    expect(rowOf(entrants, 'media.area').cells[0]).toEqual({ state: 'missing' })
  })

  test('several specimens are averaged, and differing answers stand side by side', () => {
    const entrants = [
      entrant(
        'a',
        { 'can.wall': '0.50 mm', 'seal.end': '3', 'adbv.material': 'silicone' },
        { 'can.wall': '0.60 mm', 'adbv.material': 'nitrile' },
      ),
      entrant('b', { 'can.wall': '0.40 mm' }),
    ]
    const wall = rowOf(entrants, 'can.wall').cells[0]!
    expect(wall).toMatchObject({ state: 'number', of: 2 })
    expect(wall.state === 'number' && wall.value).toBeCloseTo(0.00055, 9)
    const single = rowOf(entrants, 'can.wall').cells[1]!
    expect(wall).toMatchObject({ spread: 'specimens' })
    expect(single).toMatchObject({ spread: 'assumed' })
    expect(wall.state === 'number' && single.state === 'number' && wall.u / wall.value).toBeGreaterThan(
      single.state === 'number' ? single.u / single.value : 1,
    )
    expect(rowOf(entrants, 'adbv.material').cells[0]).toMatchObject({ text: 'Silicone / Nitrile' })
  })

  test('a figure that cannot be says so', () => {
    const row = rowOf(
      [
        entrant('a', {
          'media.length': '1.2 m',
          'media.how': 'strip',
          'media.width': '24 mm',
          'media.buried': { typed: '14 mm' },
        }),
        entrant('b', {}),
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
            { ...readings({ 'media.width': '21 mm' })[0]!, number: 0.012 },
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
      entrant('a', { 'can.wall': '0.5 mm', 'glue.grade': '3' }),
      entrant('b', { 'can.wall': '0.4 mm', 'glue.grade': '1' }),
    ]
    const points = (entrants: Entrant[]) =>
      buildLineup(entrants).flatMap(({ cells }) => ('points' in cells[0]! ? [cells[0].points] : []))
    expect(points([a, b])).toEqual(points([a]))
  })
})

describe('words for values', () => {
  test.each([
    ['can.wall', 0.00049, 'metric', '0.49 mm'],
    ['can.wall', 0.000508, 'imperial', '0.020 in'],
    ['thread.turns', 4.5, 'metric', '4½'],
    ['glue.grade', 3, 'metric', '3 of 4'],
    ['media.length', 1.2, 'metric', '1200 mm'],
  ] as const)('%s', (key, number, system, words) => {
    expect(sayNumber(characteristicOf(key), number, system)).toBe(words)
  })

  test('answers by their label, holes by their groups, figures in their unit', () => {
    expect(sayValue(characteristicOf('adbv.material'), { text: 'silicone' }, 'metric')).toBe('Silicone')
    expect(sayValue(characteristicOf('plate.inlets'), { groups: [{ count: 6, width: 0.0061 }] }, 'metric')).toBe(
      '6 × 6.1 mm',
    )
    expect(sayUncertain(findFigure('media.area')!, 0.1, 0.001, 'imperial')).toBe('155.0 ± 3.1 in²')
    expect(sayUncertain(findFigure('can.gauge')!, 26, 0, 'metric')).toBe('26')
  })
})

test('CSV: a column a product, units named, formulas of a spreadsheet defused', () => {
  const rows = buildLineup([
    entrant('a', { 'can.wall': '0.49 mm', 'box.datecode': '=1+1', 'thread.turns': '4½' }),
    entrant('b', { 'can.wall': '20 thou' }),
  ])
  const csv = lineupCsv(
    [
      { name: '=cmd', score: '71', price: '8.90 EUR' },
      { name: 'B, "quoted"', score: '', price: '' },
    ],
    rows,
    'metric',
  )
  const lines = csv.split('\r\n')
  expect(lines[0]).toBe(`part,row,unit,"'=cmd","B, ""quoted"""`)
  expect(lines).toContain('Can,Can wall,mm,0.49,0.51')
  expect(lines).toContain('Base plate,Full threads,,4.5,')
  expect(csv).toContain(`"'=1+1"`)
})
