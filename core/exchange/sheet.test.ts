import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { parseCells } from './csv.ts'
import { parseReadingRow } from './readings-csv.ts'
import { headingKey, headingOf } from './sheet-heading.ts'
import { layoutOf, sheetValues, trimSheet, type Sheet } from './sheet-layout.ts'
import { hasDecimalCommas, sheetFate } from './sheet-readings.ts'
import { suggestProduct, suggestProducts } from './sheet-products.ts'
import { distinctHeadings, sheetReadings, sheetRows, type SheetMapping } from './sheet-rows.ts'

describe('a heading', () => {
  test.each([
    ['Can wall (thou)', 'can.wall', 'thou'],
    ['Wall thickness of the can', 'can.wall', ''],
    ['can wall, mm', 'can.wall', 'mm'],
    ['Media length [m]', 'media.length', 'm'],
    ['pleats', 'pleats.count', ''],
    ['Number of pleats', 'pleats.count', ''],
    ['Whole weight in grams', 'whole.weight', 'g'],
    ['whole.weight', 'whole.weight', ''],
    ['ADBV', 'adbv.material', ''],
    ['Bypass pressure (psi)', 'bypass.printed', 'psi'],
    ['Weight (furlongs)', 'whole.weight', ''],
    ['Price', '', ''],
    ['', '', ''],
  ])('%s', (text, characteristic, unit) => expect(headingOf(text)).toEqual({ characteristic, unit }))

  test('what the reviewer said before goes first, unless it is not there any more', () => {
    const known = { [headingKey('Price')]: { characteristic: 'can.wall', unit: 'thou' } }
    expect(headingOf('PRICE', known)).toEqual({ characteristic: 'can.wall', unit: 'thou' })
    expect(headingOf('wall', { wall: { characteristic: 'no.more', unit: '' } }).characteristic).toBe('can.wall')
    expect(headingOf('wall', { wall: { characteristic: '', unit: '' } }).characteristic).toBe('')
  })
})

const across: Sheet = [
  ['', 'unit', 'Norrith N-40', 'Corvane CV-214', 'Otherby 7'],
  ['Can wall', 'thou', '19.5', '20', '?'],
  ['Whole weight', 'g', '302', 'about 310', '290'],
  ['ADBV', '', 'silicone', 'Nitrile', 'cheese'],
  ['Price', '', '11', '12', '13'],
]
const down = across[0]!.map((_, column) => across.map((row) => row[column]!))
const tall: Sheet = [
  ['brand', 'part', 'what', 'value', 'unit'],
  ['Norrith', 'N-40', 'wall', '19.5', 'thou'],
  ['Norrith', 'N-40', 'weight', '302', 'g'],
  ['Corvane', 'CV-214', 'wall', '0.51', 'mm'],
  ['Corvane', 'CV-214', 'mood', 'good', ''],
]

describe('the layout of a table', () => {
  test('is told by where the names stand', () => {
    expect([across, down, tall].map((sheet) => layoutOf(sheet))).toEqual(['across', 'down', 'tall'])
  })

  test('across and down give the same values, with their units', () => {
    const of = (sheet: Sheet, layout: 'across' | 'down') =>
      sheetValues(sheet, layout)
        .map(({ product, heading, unit, text }) => `${product} ${heading} ${text} ${unit}`.trim())
        .sort()
    expect(of(down, 'down')).toEqual(of(across, 'across'))
    expect(of(across, 'across')).toContain('Norrith N-40 Can wall 19.5 thou')
    expect(of(across, 'across')).toHaveLength(12)
  })

  test('a product may be named over two columns, and its values in a row each', () => {
    expect(sheetValues(tall, 'tall').map(({ product, heading, text, unit }) => [product, heading, text, unit])).toEqual(
      [
        ['Norrith N-40', 'wall', '19.5', 'thou'],
        ['Norrith N-40', 'weight', '302', 'g'],
        ['Corvane CV-214', 'wall', '0.51', 'mm'],
      ],
    )
    const two: Sheet = [
      ['Brand', 'Part', 'Wall', 'Turns'],
      ['Norrith', 'N-40', '0.49', '4'],
    ]
    expect(sheetValues(two, layoutOf(two)).map(({ product }) => product)).toEqual(['Norrith N-40', 'Norrith N-40'])
  })

  test('titles over a table, and a lone product, are read past', () => {
    const titled = trimSheet([['My review of spring'], [], ['', 'N-40'], ['wall', '0.49'], ['turns', '4']])
    expect(sheetValues(titled, layoutOf(titled)).map(({ product, text }) => [product, text])).toEqual([
      ['N-40', '0.49'],
      ['N-40', '4'],
    ])
  })

  test('never throws, whatever the cells are', () => {
    fc.assert(
      fc.property(fc.array(fc.array(fc.string({ maxLength: 12 }), { maxLength: 6 }), { maxLength: 8 }), (rows) => {
        const sheet = trimSheet(rows)
        const values = (['across', 'down', 'tall'] as const).flatMap((layout) => sheetValues(sheet, layout))
        expect(values.every(({ text }) => text !== '')).toBe(true)
        expect(['across', 'down', 'tall']).toContain(layoutOf(sheet))
      }),
    )
  })

  test('ten thousand rows and two hundred columns are cut to what is looked at, at once', () => {
    const wide = trimSheet(Array.from({ length: 12_000 }, () => Array.from({ length: 300 }, () => 'x')))
    expect([wide.length, wide[0]!.length]).toEqual([10_000, 256])
  })
})

describe('what becomes of a value', () => {
  const fate = (text: string, characteristic: string, unit = '', isComma = false) =>
    sheetFate(
      { row: 0, column: 0, product: 'p', heading: 'h', unit: '', text },
      { h: { characteristic, unit } },
      'spin-on',
      isComma,
    )
  test.each<[string, string, string, object]>([
    ['20', 'can.wall', 'thou', { state: 'read', typed: '20 thou', value: { number: 0.000508, unit: 'thou' } }],
    ['0.51 mm', 'can.wall', 'thou', { state: 'read', typed: '0.51 mm', value: { number: 0.00051 } }],
    ['about 300 g', 'whole.weight', '', { state: 'read', typed: 'about 300 g' }],
    ['Silicone', 'adbv.material', '', { state: 'read', value: { text: 'silicone' } }],
    ['no', 'inside.rust', '', { state: 'read', value: { text: 'none' } }],
    ['8x5.8', 'plate.inlets', '', { state: 'read', value: { groups: [{ count: 8 }] } }],
    ['n/a', 'can.wall', '', { state: 'left', reason: 'it is empty' }],
    ['-', 'can.wall', '', { state: 'left' }],
    ['cheese', 'adbv.material', '', { state: 'refused' }],
    ['=1+1', 'can.wall', '', { state: 'refused' }],
    ['900 mm', 'can.wall', '', { state: 'refused' }],
    ['3', '', '', { state: 'left', reason: 'nobody has said what it is' }],
    ['3', 'oring.lie', '', { state: 'left', reason: 'a spin-on filter has none' }],
  ])('%s of %s in %s', (text, characteristic, unit, expected) =>
    expect(fate(text, characteristic, unit)).toMatchObject(expected),
  )

  test('decimal commas are commas throughout a table that has them', () => {
    expect(hasDecimalCommas(['0,51', '1,234'])).toBe(true)
    expect(hasDecimalCommas(['1,234', '12'])).toBe(false)
    expect(hasDecimalCommas(['0.51', '1,25'])).toBe(false)
    expect(fate('1,234', 'media.length', 'm', true)).toMatchObject({ state: 'read', value: { number: 1.234 } })
    expect(fate('1,234', 'media.length', 'm')).toMatchObject({ state: 'refused' })
  })
})

describe('a table as readings', () => {
  const products = [
    { id: 'n', brand: 'Norrith', partNumber: 'N-40' },
    { id: 'c', brand: 'Corvane', partNumber: 'CV-214' },
  ]
  const { headings, products: names } = distinctHeadings(sheetValues(across, 'across'))
  const mapping: SheetMapping = {
    layout: 'across',
    headings: Object.fromEntries(headings.map((text) => [headingKey(text), headingOf(text)])),
    products: suggestProducts(names, products),
  }
  const readings = sheetReadings(across, mapping, 'spin-on')

  test('products are known by their part number, new ones are named', () => {
    expect(names).toEqual(['Norrith N-40', 'Corvane CV-214', 'Otherby 7'])
    expect(suggestProduct('n40', products).id).toBe('n')
    expect(mapping.products['Otherby 7']).toEqual({
      id: '',
      brand: 'Otherby',
      partNumber: '7',
      specimen: '',
      isLeft: false,
    })
    expect(suggestProduct('Corvane CV-9 long', products)).toMatchObject({
      id: '',
      brand: 'Corvane',
      partNumber: 'CV-9 long',
    })
    expect(suggestProduct('N77', [])).toMatchObject({ brand: 'Unbranded', partNumber: 'N77' })
  })

  test('what can be read becomes a row that the import takes; the rest says why not', () => {
    const targets = new Map([['n', { ...products[0]!, specimens: [{ label: 'C', revision: 'B' }] }]])
    const rows = sheetRows(readings, targets, {
      application: 'Skerry 1.1 D',
      form: 'spin-on',
      recordedAt: '2026-01-05T00:00:00.000Z',
    })
    expect(rows).toHaveLength(7)
    expect(rows[0]).toMatchObject({ brand: 'Norrith', revision: 'B', specimen: 'C', 'as typed': '19.5 thou' })
    expect(rows.find(({ brand }) => brand === 'Otherby')).toMatchObject({ 'part number': '7', specimen: 'A' })
    for (const row of rows) expect(parseReadingRow(row), JSON.stringify(row)).toMatchObject({ ok: true })
    expect(readings.filter(({ fate }) => fate.state === 'refused')).toHaveLength(1)
    expect(readings.filter(({ fate }) => fate.state === 'left')).toHaveLength(4)
  })

  test('a product that is left away leaves its values away', () => {
    const without = {
      ...mapping,
      products: { ...mapping.products, 'Otherby 7': { ...mapping.products['Otherby 7']!, isLeft: true } },
    }
    expect(
      sheetReadings(across, without, 'spin-on').filter(({ product }) => product?.brand === 'Otherby'),
    ).toHaveLength(4)
    expect(
      sheetRows(sheetReadings(across, without, 'spin-on'), new Map(), {
        application: 'a',
        form: 'spin-on',
        recordedAt: '',
      }),
    ).toHaveLength(6)
  })
})

describe('several specimens of a product in one table', () => {
  const products = [{ id: 'n', brand: 'Norrith', partNumber: 'N-40' }]
  const specimensOf = (...headings: string[]) =>
    Object.values(suggestProducts(headings, products)).map(({ id, specimen }) => [id, specimen])

  test('are known by a mark, by a letter behind a name that stands there twice, or by coming second', () => {
    expect(specimensOf('N-40', 'N-40 #2')).toEqual([
      ['n', ''],
      ['n', 'B'],
    ])
    expect(specimensOf('Norrith N-40 a', 'Norrith N-40 b').map(([, label]) => label)).toEqual(['A', 'B'])
    expect(specimensOf('n40', 'Norrith N-40').map(([, label]) => label)).toEqual(['', 'B'])
    expect(specimensOf('N-40 specimen 3', 'N-40').map(([, label]) => label)).toEqual(['C', 'A'])
    expect(specimensOf('Otherby 7', 'Otherby 9')).toEqual([
      ['', ''],
      ['', ''],
    ])
  })

  test('go to specimens of their own, in the revision that each is of', () => {
    const twice = trimSheet([
      ['', 'N-40', 'N-40'],
      ['wall', '0.49 mm', '0.51 mm'],
      ['turns', '4', '5'],
    ])
    const { names } = { names: distinctHeadings(sheetValues(twice, 'across')).products }
    expect(names).toEqual(['N-40', 'N-40 (2)'])
    const mapping: SheetMapping = {
      layout: 'across',
      headings: { wall: { characteristic: 'can.wall', unit: '' }, turns: { characteristic: 'thread.turns', unit: '' } },
      products: suggestProducts(names, products),
    }
    const origin = { application: 'Skerry', form: 'spin-on' as const, recordedAt: '2026-01-05T00:00:00.000Z' }
    const rowsWith = (specimens: { label: string; revision: string }[]) =>
      sheetRows(sheetReadings(twice, mapping, 'spin-on'), new Map([['n', { ...products[0]!, specimens }]]), origin).map(
        (row) => [row.specimen, row.revision, row['as typed']],
      )
    expect(rowsWith([{ label: 'A', revision: '2024' }])).toEqual([
      ['A', '2024', '0.49 mm'],
      ['B', '2024', '0.51 mm'],
      ['A', '2024', '4'],
      ['B', '2024', '5'],
    ])
    const second = [
      { label: 'A', revision: '2022' },
      { label: 'B', revision: '2024' },
    ]
    expect(rowsWith(second)[1]).toEqual(['B', '2024', '0.51 mm'])
  })
})

test('cells of pasted text, whatever parts them', () => {
  expect(parseCells('a\tb\n1\t2\n', 10)).toEqual([
    ['a', 'b'],
    ['1', '2'],
  ])
  expect(parseCells('a;b\n0,5;"x;y"', 10)[1]).toEqual(['0,5', 'x;y'])
  expect(parseCells('', 10)).toEqual([])
})
