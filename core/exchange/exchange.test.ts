import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import fc from 'fast-check'
import Papa from 'papaparse'
import { describe, expect, test } from 'vitest'
import { catalogue, optionsOf, type Characteristic } from '#core/catalogue/index.ts'
import { assess } from '#core/compare/assess.ts'
import { readEntry } from '#core/teardown/entry.ts'
import { readings } from '#core/teardown/readings.fixture.ts'
import { figureRows, figuresCsv } from './figures-table.ts'
import { methodMarkdown } from './method-md.ts'
import {
  missingColumns,
  parseReadingRow,
  pathKey,
  readingColumns,
  readingRow,
  sameAct,
  type SpecimenPath,
} from './readings-csv.ts'

const path: SpecimenPath = {
  application: 'Skerry 1.1 D',
  brand: 'Corvane',
  partNumber: 'CV-214',
  revision: '',
  form: 'spin-on',
  specimen: 'A',
}
const wall = readings({ 'can.wall': '20 thou' })[0]!

describe('readings as tidy CSV', () => {
  test('a row says it all, with the value in SI and what was typed', () => {
    expect(readingRow(path, wall)).toMatchObject({
      brand: 'Corvane',
      characteristic: 'can.wall',
      'as typed': '20 thou',
      value: '0.000508',
      'SI unit': 'm',
      evidence: 'measured',
      'read in': 'thou',
      struck: '',
    })
  })

  test('out and in again changes nothing, whatever the kind', () => {
    const typed = (characteristic: Characteristic): string => {
      switch (characteristic.kind) {
        case 'quantity':
          return `${(characteristic.typical[0] + characteristic.typical[1]) / 2 / (characteristic.dimension === 'pressure' ? 1e5 : characteristic.dimension === 'mass' ? 0.001 : 0.001)} ${characteristic.dimension === 'pressure' ? 'bar' : characteristic.dimension === 'mass' ? 'g' : 'mm'}`
        case 'count':
          return String(Math.round(characteristic.typical[0]))
        case 'openings':
          return '6 x 6.1, 1 x 4 x 8.3 mm'
        case 'thread':
          return 'M20 x 1.5'
        case 'text':
          return 'words, "quoted"\nand broken'
        default:
          return optionsOf(characteristic)[1]!.value
      }
    }
    for (const characteristic of catalogue) {
      const form = characteristic.forms[0]!
      const before = readings({ [characteristic.key]: typed(characteristic) })[0]!
      const csv = Papa.unparse([readingRow({ ...path, form }, before)], { columns: [...readingColumns] })
      const row = Papa.parse<Record<string, string>>(csv, { header: true }).data[0]
      const after = parseReadingRow(row)
      expect(after.ok ? '' : `${characteristic.key}: ${after.problem.message}`).toBe('')
      if (!after.ok) continue
      const { value } = after.value
      expect(value.text ?? null).toBe(before.text)
      if (before.number !== null)
        expect(value.number! / (before.number || 1)).toBeCloseTo(before.number === 0 ? 0 : 1, 9)
      expect(value.groups?.map(({ count, width }) => [count, width.toFixed(7)]) ?? null).toEqual(
        before.groups?.map(({ count, width }) => [count, width.toFixed(7)]) ?? null,
      )
      expect(sameAct(after.value)).toBe(sameAct(before))
      expect(pathKey(after.value.path)).toBe(pathKey({ ...path }))
    }
  })

  test.each([
    ['value', '', '"value" is empty.'],
    ['value', 'thick', 'is not a number'],
    ['value', '-1', 'cannot be below zero'],
    ['value', '12', 'cannot be a can wall'],
    ['SI unit', 'mm', 'is in m, not in "mm"'],
    ['characteristic', 'can.colour', 'There is no characteristic "can.colour"'],
    ['characteristic', 'oring.lie', 'A spin-on filter has no o-rings rucked'],
    ['form', 'barrel', '"form" is spin-on or cartridge'],
    ['evidence', 'guessed', '"evidence" is measured'],
    ['time', 'yesterday', '"time" is no UTC time'],
    ['struck', 'yes', '"struck" is empty or the UTC time'],
    ['brand', 'x'.repeat(81), 'longer than 80'],
  ])('a row with %s "%s" is refused in words', (column, value, message) => {
    const parsed = parseReadingRow({ ...readingRow(path, wall), [column]: value })
    expect(parsed.ok ? '' : parsed.problem.message).toContain(message)
  })

  test('a row that is anything at all never throws', () => {
    fc.assert(
      fc.property(fc.dictionary(fc.constantFrom(...readingColumns), fc.string()), (row) => {
        const parsed = parseReadingRow(row)
        expect(parsed.ok ? 'taken' : parsed.problem.message).not.toBe('')
      }),
    )
  })

  test('names the columns that a file lacks', () => {
    expect(missingColumns(readingColumns.filter((column) => column !== 'evidence' && column !== 'source'))).toEqual([
      'evidence',
    ])
  })

  test('a value with an exponent is read', () => {
    const parsed = parseReadingRow({ ...readingRow(path, wall), value: '5.08e-4' })
    expect(parsed.ok && parsed.value.value.number).toBeCloseTo(0.000508, 9)
    expect(
      readEntry(
        catalogue.find(({ key }) => key === 'can.wall')!,
        { text: '5.08e-4 m' },
      ).ok,
    ).toBe(false)
  })
})

test('figures in SI with expanded uncertainty, inputs and source', () => {
  const rows = figureRows(path, assess('spin-on', readings({ 'thread.designation': 'M20 x 1.5', 'thread.turns': '4' })))
  const engagement = rows.find(({ figure }) => figure === 'thread.engagement')!
  expect(engagement).toMatchObject({ value: 0.006, 'SI unit': 'm', inputs: ['thread.designation', 'thread.turns'] })
  expect(engagement['expanded uncertainty']).toBeCloseTo((2 * 0.25 * 0.0015) / Math.sqrt(3), 9)
  expect(figuresCsv(rows)).toContain('thread.engagement,Thread engagement,0.006,m')
})

test('docs/method.md is what the app runs on', () => {
  expect(readFileSync(join(import.meta.dirname, '../../docs/method.md'), 'utf8')).toBe(methodMarkdown())
})
