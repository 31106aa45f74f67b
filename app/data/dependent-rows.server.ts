import { createHash } from 'node:crypto'
import type { Knex } from 'knex'

type Row = Record<string, unknown>

/** Rows by table. */
export type Rows = Record<string, Row[]>

interface ForeignKey {
  table: string
  from: string
  onDelete: string
}

/** Worked out from the others whenever they change. */
const workedOut = ['specimen_summary', 'revision_spread']

const foreignKeysOf = async (trx: Knex.Transaction, table: string) =>
  (await trx.raw(`pragma foreign_key_list("${table}")`)) as ForeignKey[]

/** Which tables have rows that belong to those of another, and by which column. */
async function dependentsByTable(trx: Knex.Transaction): Promise<Map<string, { table: string; column: string }[]>> {
  const tables: string[] = await trx('sqlite_master').where({ type: 'table' }).pluck('name')
  const dependents = new Map<string, { table: string; column: string }[]>()
  for (const table of tables.filter((one) => !workedOut.includes(one))) {
    for (const { table: of, from, onDelete } of await foreignKeysOf(trx, table))
      if (onDelete !== 'SET NULL') dependents.set(of, [...(dependents.get(of) ?? []), { table, column: from }])
  }
  return dependents
}

/** Products with all that belongs to them, down to the last reading. */
export async function collectProducts(trx: Knex.Transaction, ids: readonly string[]): Promise<Rows> {
  const dependents = await dependentsByTable(trx)
  const rows = new Map<string, Map<string, Row>>()
  const add = (table: string, found: readonly Row[]) => {
    const known = rows.get(table) ?? rows.set(table, new Map()).get(table)
    const fresh = found.filter((row) => !known?.has(JSON.stringify(row)))
    for (const row of fresh) known?.set(JSON.stringify(row), row)
    return fresh
  }
  let waiting = [{ table: 'product', found: add('product', await trx('product').whereIn('id', ids).select('*')) }]
  while (waiting.length > 0) {
    const next: typeof waiting = []
    for (const { table, found } of waiting)
      for (const { table: below, column } of dependents.get(table) ?? []) {
        const owners = found.flatMap(({ id }) => (typeof id === 'string' ? id : []))
        const fresh = add(below, await rowsOf(trx, below, column, owners))
        if (fresh.length > 0) next.push({ table: below, found: fresh })
      }
    waiting = next
  }
  return Object.fromEntries([...rows].map(([table, own]) => [table, [...own.values()]]))
}

/** So many ids are asked for at once. */
const chunk = 500

async function rowsOf(trx: Knex.Transaction, table: string, column: string, owners: readonly string[]) {
  const found: Row[] = []
  for (let at = 0; at < owners.length; at += chunk)
    found.push(
      ...((await trx(table)
        .whereIn(column, owners.slice(at, at + chunk))
        .select('*')) as Row[]),
    )
  return found
}

const idsIn = (rows: Rows, table: string): string[] => (rows[table] ?? []).map(({ id }) => String(id))

/** Deletes products that were collected; what must not go by itself goes first. */
export async function deleteProducts(trx: Knex.Transaction, rows: Rows): Promise<void> {
  const specimens = idsIn(rows, 'specimen')
  for (let at = 0; at < specimens.length; at += chunk) {
    const some = specimens.slice(at, at + chunk)
    await trx('reading').whereIn('specimenId', some).delete()
    await trx('specimen').whereIn('id', some).delete()
  }
  await trx('product').whereIn('id', idsIn(rows, 'product')).delete()
}

/** Puts collected rows back as they were, each table after those that its rows refer to. */
export async function insertRows(trx: Knex.Transaction, rows: Rows): Promise<void> {
  const waiting = new Map<string, string[]>()
  for (const table of Object.keys(rows))
    waiting.set(
      table,
      (await foreignKeysOf(trx, table)).map((key) => key.table),
    )
  while (waiting.size > 0) {
    const next = [...waiting].find(([, parents]) => parents.every((parent) => !waiting.has(parent)))
    if (!next) throw new Error(`These tables refer to each other: ${[...waiting.keys()].join(', ')}`)
    const [table] = next
    waiting.delete(table)
    await trx.batchInsert(table, rows[table] ?? [], 100)
  }
}

/** Tells whether rows are still the same, in whatever order they were found. */
export function digestOf(rows: Rows): string {
  const lines = Object.entries(rows).flatMap(([table, own]) => own.map((row) => `${table} ${JSON.stringify(row)}`))
  return createHash('sha256').update(lines.sort().join('\n')).digest('hex')
}
