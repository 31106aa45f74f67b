import Ajv from 'ajv-draft-04'
import fc from 'fast-check'
import Papa from 'papaparse'
import { describe, expect, test } from 'vitest'
import { hostileText } from '#core/review/hostile.fixture.ts'
import { catalogue } from '#core/catalogue/index.ts'
import { dataPackage, licences } from './descriptor.ts'
import { claimsTable, productsTable, specimensTable } from './library-tables.ts'
import { readPackage } from './read-package.ts'
import { readTable, tableCsv, type RowOf, type Table } from './table.ts'
import profile from './tabular-data-package.fixture.json' with { type: 'json' }
import * as told from './told-tables.ts'

/** By the JSON Schema of the Tabular Data Package profile, version 1 (Frictionless Data), without its notes. */
const isPackage = new Ajv({ strict: false, validateFormats: false }).compile(profile)

const head = {
  ...{ name: 'skerry', title: 'Skerry', created: '2026-11-27T10:00:00.000Z', method: 5 },
  licence: 'CC-BY-4.0' as const,
}
const fileOf = (table: Table) => ({ table, bytes: 12, hash: 'a'.repeat(64) })

describe('the descriptor', () => {
  const tables = [productsTable, specimensTable, claimsTable, told.measurementsTable(catalogue.map(({ key }) => key))]
  const descriptor = dataPackage(head, tables.map(fileOf))

  test('is valid by the published schema, with each licence', () => {
    for (const { key } of licences) {
      const valid = isPackage(dataPackage({ ...head, licence: key }, tables.map(fileOf)))
      expect([key, isPackage.errors, valid]).toEqual([key, null, true])
    }
    expect(isPackage({ ...descriptor, resources: [] })).toBe(false)
    expect(isPackage({ ...descriptor, licenses: [] })).toBe(false)
  })

  test('has the unit and the description of every characteristic from the catalogue', () => {
    const fields = descriptor.resources.at(-1)!.schema.fields
    expect(fields.find(({ name }) => name === 'can.wall')).toMatchObject({ type: 'number', unit: 'm' })
    expect(fields.find(({ name }) => name === 'plate.weight')).toMatchObject({ type: 'number', unit: 'kg' })
    for (const { key, label } of catalogue)
      expect(fields.find(({ name }) => name === key)?.description.startsWith(label)).toBe(true)
  })

  test('keeps all rights where no licence is chosen', () => {
    expect(dataPackage({ ...head, licence: '' }, [fileOf(productsTable)])).not.toHaveProperty('licenses')
  })
})

const claim = (words: string): RowOf<typeof claimsTable> => ({
  ...{ application: 'Skerry', brand: 'Norrith', 'part number': 'N-40', revision: '', words },
  ...{ kind: 'efficiency', place: 'front', 'read on': '2026-10-02', 'as typed': { points: words.slice(0, 100) } },
  parts: { points: [{ share: 0.99, saying: 'plus', size: 0.00002 }], standard: 'ISO 4548-12' },
})

describe('a table', () => {
  test('comes back as it went, whatever was typed, and no cell of it is a formula', () => {
    fc.assert(
      fc.property(hostileText, (text) => {
        // What a form keeps: plain text without room around it.
        const words = claimsTable.columns.words.read.safeParse(text).data
        fc.pre(words !== undefined && words.length <= 600)
        const row = claim(words!)
        const csv = tableCsv(claimsTable, [row])
        expect(readTable(claimsTable, csv)).toEqual({ ok: true, value: [row] })
        for (const cell of Papa.parse<string[]>(csv, { delimiter: ',' }).data.flat())
          expect(cell).not.toMatch(/^\s*[=@＝＠]|^\s*[+＋-]\D/)
      }),
      { numRuns: 300 },
    )
  })

  test.each([
    ['kind', 'magic', 'claims.csv, row 2: "kind" is none of efficiency, capacity'],
    ['read on', '2026-13-01', '"read on" is no day'],
    ['words', '', '"words" is empty'],
    ['parts', '{"points":[{"share":7}]}', '"parts" is not what it should be'],
    ['parts', '{', '"parts" is not what it should be'],
  ])('a cell that cannot be read is said with its row: %s "%s"', (heading, cell, message) => {
    const [headings, row] = Papa.parse<string[]>(tableCsv(claimsTable, [claim('99 %')]), { delimiter: ',' }).data
    const changed = Papa.unparse([headings!, row!.map((own, at) => (headings![at] === heading ? cell : own))])
    const read = readTable(claimsTable, changed)
    expect(read.ok ? '' : read.problem.message).toContain(message)
  })

  test('a column that is missing is named', () => {
    const read = readTable(productsTable, 'application,brand\r\nSkerry,Norrith\r\n')
    expect(read.ok ? '' : read.problem.message).toBe('products.csv lacks the column part number.')
  })
})

describe('reading a package', () => {
  const readings = 'application\r\n'
  const files = (descriptor: unknown, more: [string, string][] = []) =>
    new Map([['datapackage.json', JSON.stringify(descriptor)], ['data/readings.csv', readings], ...more])
  const resources = [{ name: 'readings', path: 'data/readings.csv' }]

  test('tables that it lacks are empty; what only tells is not read', () => {
    const read = readPackage(files({ resources }))
    expect(read.ok && read.value.library.products).toEqual([])
    expect(read.ok && read.value.readings).toBe(readings)
  })

  test.each([
    ['no descriptor', new Map<string, string>(), 'no data package'],
    ['not JSON', new Map([['datapackage.json', '{']]), 'no data package'],
    ['no readings', files({ resources: [] }), 'no table of readings'],
    ['an address', files({ resources: [{ name: 'readings', path: 'http://a.b/c.csv' }] }), 'no data package'],
    ['a path that leads out', files({ resources: [{ name: 'readings', path: '../c.csv' }] }), 'no data package'],
    [
      'a table that is none',
      files({ resources: [...resources, { name: 'claims', path: 'data/claims.csv' }] }, [['data/claims.csv', 'a,b']]),
      'claims.csv lacks the column',
    ],
  ])('%s is refused in words', (_, given, message) => {
    const read = readPackage(given)
    expect(read.ok ? '' : read.problem.message).toContain(message)
  })

  test('whatever stands in it, it is read or refused', () => {
    fc.assert(
      fc.property(fc.jsonValue(), hostileText, (descriptor, text) => {
        const given = files({ resources: [...resources, { name: 'prices', path: 'data/prices.csv' }], descriptor })
        given.set('data/prices.csv', text)
        expect(() => readPackage(given)).not.toThrow()
        expect(() => readPackage(files(descriptor))).not.toThrow()
      }),
    )
  })
})
