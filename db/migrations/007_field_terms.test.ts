import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gunzipSync } from 'node:zlib'
import Database from 'better-sqlite3'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { down, renamedColumns, up } from './007_field_terms.ts'
import { migrateTo } from './migrate-to.fixture.ts'

/** A database of the demo as it was before, with every table in use: all of it is made up. */
const fixture = join(import.meta.dirname, 'fixtures/before-007.sqlite.gz')

type Row = Record<string, unknown>

const folder = mkdtempSync(join(tmpdir(), 'plicator-migration-'))
const [former, upgraded] = ['former.sqlite', 'upgraded.sqlite'].map((name) => join(folder, name)) as [string, string]

beforeAll(async () => {
  for (const file of [former, upgraded]) writeFileSync(file, gunzipSync(readFileSync(fixture)))
  await (await migrateTo(upgraded, '007_field_terms')).destroy()
})
afterAll(() => rmSync(folder, { recursive: true }))

const tableAfter = (table: string): string => (table === 'passage' ? 'irreversible_step' : table)

/** The name of a column afterwards; where names change places, only the first change is its own. */
const columnAfter = (table: string, column: string): string =>
  renamedColumns.find(([of, before]) => of === table && before === column)?.[2] ?? column

function read<T>(file: string, query: (database: Database.Database) => T): T {
  const database = new Database(file, { readonly: true })
  try {
    return query(database)
  } finally {
    database.close()
  }
}
const tables = () =>
  read(former, (database) =>
    database
      .prepare(
        "select name from sqlite_master where type = 'table' and name not like 'knex%' and name not like 'sqlite%'",
      )
      .pluck()
      .all(),
  ) as string[]
const rowsOf = (file: string, table: string): Row[] =>
  read(file, (database) => database.prepare(`select * from "${table}" order by rowid`).all()) as Row[]
const pricesOf = (file: string) => new Map(rowsOf(file, 'price').map((row) => [row.id, row]))

const withoutMinorUnit = new Set(['JPY', 'ISK'])
const isConverted = (row: Row): boolean => withoutMinorUnit.has(String(row.currency))

describe('a database of the version before', () => {
  test('has something in every table, so that nothing is lost unseen', () => {
    expect(tables().length).toBeGreaterThan(17)
    for (const table of tables()) expect(rowsOf(former, table).length, table).toBeGreaterThan(0)
  })

  test('keeps every value of every row, under its new name', () => {
    for (const table of tables()) {
      const after = rowsOf(upgraded, tableAfter(table))
      const expected = rowsOf(former, table)
        .map((row) =>
          Object.fromEntries(Object.entries(row).map(([column, value]) => [columnAfter(table, column), value])),
        )
        .filter((row) => !isConverted(row))
      const kept = after
        .filter((row) => !isConverted(row))
        .map(({ raw_input, ...row }) => (table === 'reading' ? { ...row, raw_input } : row))
      expect(kept, table).toEqual(expected)
    }
  })

  test('has no less rows, and no column that is left with its former name', () => {
    for (const table of tables()) {
      expect(rowsOf(upgraded, tableAfter(table)).length, table).toBe(rowsOf(former, table).length)
      const columns = Object.keys(rowsOf(upgraded, tableAfter(table))[0] ?? {})
      const reused = new Set(renamedColumns.filter(([of]) => of === table).map(([, , after]) => after as string))
      for (const [of, before] of renamedColumns)
        if (of === table && !reused.has(before)) expect(columns, table).not.toContain(before)
    }
  })

  test('has money in the smallest unit of its currency (ISO 4217: neither yen nor króna has one)', () => {
    const prices = pricesOf(upgraded)
    expect(prices.get('price0000jpy')).toMatchObject({
      amount_minor: 1350,
      extras_minor: 50,
      freight: '{"order":500,"pack":0,"least":0,"freeFrom":null}',
      raw_input: '{}',
    })
    const specimens = rowsOf(upgraded, 'specimen').filter(isConverted)
    expect(specimens.map(({ paid_minor }) => paid_minor)).toEqual([1399])
  })

  test('keeps an amount that was no whole unit as it was, too', () =>
    expect(pricesOf(upgraded).get('price0000isk')).toMatchObject({
      amount_minor: 2491,
      raw_input: '{"amount":"2490.5"}',
    }))

  test('keeps its foreign keys, and they hold', () => {
    const problems = read(upgraded, (database) => database.pragma('foreign_key_check'))
    expect(problems).toEqual([])
    const foreignKeys = (file: string, table: string) =>
      read(file, (database) => (database.pragma(`foreign_key_list("${table}")`) as unknown[]).length)
    for (const table of tables()) expect(foreignKeys(upgraded, tableAfter(table))).toBe(foreignKeys(former, table))
  })

  test('can be taken back, to what it was', async () => {
    const knex = await migrateTo(upgraded, '007_field_terms')
    await down(knex)
    for (const table of tables()) {
      const after = rowsOf(upgraded, table)
      const rounded = (rows: Row[]) => (table === 'price' ? rows.filter(({ id }) => id !== 'price0000isk') : rows)
      expect(rounded(after), table).toEqual(rounded(rowsOf(former, table)))
    }
    await up(knex)
    await knex.destroy()
  })
})
