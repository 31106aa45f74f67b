import fc from 'fast-check'
import Papa from 'papaparse'
import { describe, expect, test } from 'vitest'
import { escapeFormula, formatCsv, unescapeFormula } from './csv.ts'

describe('cells that a spreadsheet would run', () => {
  // What begins a formula: OWASP, CSV injection (from memory).
  test.each(['=1+1', '+cmd', '-1+1', '@sum(a1)', '\tx', '\rx', '\nx', '  =1', '＝1', "'=1+1"])(
    '%j gets an apostrophe in front',
    (cell) => expect(escapeFormula(cell)).toBe(`'${cell}`),
  )

  test.each(['-0.02', '+3', '1e-7', '-1.5e+3', "'tis", 'a=b', '', 'M20 x 1.5'])('%j stays as it is', (cell) =>
    expect(escapeFormula(cell)).toBe(cell),
  )

  test('whatever the text, it comes back', () =>
    fc.assert(fc.property(fc.string(), (cell) => unescapeFormula(escapeFormula(cell)) === cell)))

  test('no escaped cell begins a formula, but for a number', () =>
    fc.assert(
      fc.property(
        fc.constantFrom('=', '+', '-', '@', '\t').chain((head) => fc.string().map((tail) => head + tail)),
        (cell) => {
          const escaped = escapeFormula(cell)
          return escaped.startsWith("'") || Number.isFinite(Number(escaped))
        },
      ),
    ))
})

describe('rows as text', () => {
  test('lines end in CR LF, and cells are quoted where they must be (RFC 4180)', () =>
    expect(
      formatCsv([
        ['a', 'b, c'],
        ['say "x"', 2],
      ]),
    ).toBe('a,"b, c"\r\n"say ""x""",2\r\n'))

  test('no rows are no text', () => expect(formatCsv([])).toBe(''))

  test('a reader of CSV finds the same cells', () =>
    fc.assert(
      fc.property(fc.array(fc.array(fc.string(), { minLength: 2, maxLength: 4 }), { minLength: 1 }), (rows) => {
        const { data } = Papa.parse<string[]>(formatCsv(rows).replace(/\r\n$/, ''), { delimiter: ',' })
        expect(data.map((row) => row.map(unescapeFormula))).toEqual(rows)
      }),
    ))
})
