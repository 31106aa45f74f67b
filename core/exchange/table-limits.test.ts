import fc from 'fast-check'
import Papa from 'papaparse'
import { describe, expect, test } from 'vitest'
import { delimiterOf, delimiters, watchTable } from './table-limits.ts'

const limits = { rows: 4, columns: 3, letters: 5 }
const watched = (text: string) => watchTable(',', limits)(text)

describe('a table as it arrives', () => {
  test.each([
    ['a,b,c\n1,2,3\n', undefined],
    ['a,b,c,d', 'Row 1 has more than 3 columns.'],
    ['a\n,,,', 'Row 2 has more than 3 columns.'],
    ['"a,b,c,d"', 'A cell of row 1 has more than 5 letters: a quote may be open.'],
    ['"a,b"\n1', undefined],
    ['abcdef', 'A cell of row 1 has more than 5 letters: a quote may be open.'],
    ['1" p,2\n3,4', undefined],
    ['"a""",b', undefined],
    ['1\n2\n3\n4\n5', 'The file has more than 4 rows. Split it.'],
  ])('%j', (text, message) => expect(watched(text)).toBe(message))

  test('is counted alike in one piece and in many', () => {
    const sign = fc.constantFrom('a', ',', '"', '\n', '\r')
    fc.assert(
      fc.property(fc.array(sign, { maxLength: 60 }), fc.nat(59), (signs, at) => {
        const text = signs.join('')
        const watch = watchTable(',', limits)
        const first = watch(text.slice(0, at))
        expect(first ?? watch(text.slice(at))).toBe(watched(text))
      }),
    )
  })

  // papaparse takes the same text apart: a general library as a check.
  test('has the rows and columns that a parser finds', () => {
    const cell = fc.string({ unit: fc.constantFrom('a', ',', '"', '\n', ' '), maxLength: 4 })
    fc.assert(
      fc.property(fc.array(fc.array(cell, { minLength: 1, maxLength: 5 }), { minLength: 1, maxLength: 6 }), (rows) => {
        const text = Papa.unparse(rows, { newline: '\n' })
        const parsed = Papa.parse<string[]>(text, { delimiter: ',' }).data
        const isFine = parsed.length <= limits.rows && parsed.every((row) => row.length <= limits.columns)
        expect(watchTable(',', { ...limits, letters: 100 })(text) === undefined).toBe(isFine)
      }),
    )
  })

  test('a row of thirty million commas is refused within its first columns', () => {
    expect(watchTable(',')(','.repeat(30_000_000))).toBe('Row 1 has more than 256 columns.')
  })
})

test.each([
  ['a,b;c,d\n', ','],
  ['a;b;c\n1,5;2,5', ';'],
  ['a\tb\tc', '\t'],
  ['"a;b;c;d",e\n', ','],
  ['', ','],
])('between the cells of %j stands %j', (text, delimiter) => expect(delimiterOf(text)).toBe(delimiter))

test('what is between cells is found again', () => {
  fc.assert(
    fc.property(fc.constantFrom(...delimiters), fc.integer({ min: 2, max: 9 }), (delimiter, columns) => {
      const row = Array.from({ length: columns }, (_, at) => `a,${at};b`)
      expect(delimiterOf(Papa.unparse([row], { delimiter, quotes: true }))).toBe(delimiter)
    }),
  )
})
