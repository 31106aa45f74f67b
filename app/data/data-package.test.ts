import Ajv from 'ajv-draft-04'
import { strFromU8, unzipSync, zipSync } from 'fflate'
import Papa from 'papaparse'
import { expect, test, vi } from 'vitest'
import profile from '#core/datapackage/tabular-data-package.fixture.json' with { type: 'json' }
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { listApplications } from './applications.server.ts'
import { dataPackageZip } from './data-package.server.ts'
import { writableDatabase } from './database.server.ts'
import { removeDemo } from './demo.server.ts'
import { beginImport, confirmImport, findImport } from './imports.server.ts'
import { listInstruments } from './instruments.server.ts'
import { judgedLineup } from './judged-lineup.server.ts'
import { lineupTable } from './lineup-table.server.ts'

demoDatabase()

const engine = async () => (await listApplications()).find(({ name }) => name === 'Skerry 1.1 D')!
const filesOf = (zip: Uint8Array) =>
  Object.fromEntries(Object.entries(unzipSync(zip)).map(([path, bytes]) => [path, strFromU8(bytes)]))

interface Field {
  name: string
  type: string
  constraints?: { required?: boolean; enum?: string[]; minimum?: number; maximum?: number }
}
interface Resource {
  name: string
  path: string
  bytes: number
  schema: {
    fields: Field[]
    primaryKey?: string[]
    foreignKeys?: { fields: string[]; reference: { resource: string; fields: string[] } }[]
  }
}

/** Whether a cell is what its field says, by Table Schema version 1 (Frictionless Data): lexical forms, from memory. */
function isOf({ type, constraints = {} }: Field, cell: string): boolean {
  if (cell === '') return constraints.required !== true
  if (constraints.enum && !constraints.enum.includes(cell)) return false
  switch (type) {
    case 'number':
      return /^-?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i.test(cell)
    case 'integer':
      return /^-?\d+$/.test(cell) && Number(cell) >= (constraints.minimum ?? -Infinity)
    case 'boolean':
      return cell === 'true' || cell === 'false'
    case 'date':
      return /^\d{4}-\d{2}-\d{2}$/.test(cell)
    case 'object':
      return typeof JSON.parse(cell) === 'object'
    default:
      return true
  }
}

async function sent(zip: Uint8Array): Promise<string> {
  const begun = await beginImport('package.zip', new Response(new Uint8Array(zip)).body!)
  if ('refused' in begun) throw new Error(begun.refused)
  await vi.waitFor(async () => expect((await findImport(begun.id))!.state).not.toBe('reading'), { timeout: 20_000 })
  return begun.id
}

async function written(zip: Uint8Array): Promise<void> {
  const id = await sent(zip)
  expect(confirmImport(id)).toBeUndefined()
  await vi.waitFor(async () => expect((await findImport(id))!.state).toBe('done'), { timeout: 20_000 })
}

test('is valid by the published schema; every cell is what its field says, and keys lead to rows', async () => {
  const files = filesOf(await dataPackageZip(await engine(), 'CC-BY-4.0'))
  const descriptor = JSON.parse(files['datapackage.json']!) as { resources: Resource[] }
  const isPackage = new Ajv({ strict: false, validateFormats: false }).compile(profile)
  expect([isPackage(descriptor), isPackage.errors]).toEqual([true, null])
  const rowsOf = ({ path }: Resource) =>
    Papa.parse<Record<string, string>>(files[path]!, { header: true, skipEmptyLines: true, delimiter: ',' })
  for (const resource of descriptor.resources) {
    const { data, meta } = rowsOf(resource)
    const { fields, primaryKey, foreignKeys = [] } = resource.schema
    expect(meta.fields).toEqual(fields.map(({ name }) => name))
    expect(new TextEncoder().encode(files[resource.path]).length).toBe(resource.bytes)
    for (const field of fields)
      expect([resource.name, field.name, data.filter((row) => !isOf(field, row[field.name]!)).slice(0, 1)]).toEqual([
        ...[resource.name, field.name, []],
      ])
    const keyOf = (row: Record<string, string>, names: string[]) => JSON.stringify(names.map((name) => row[name]))
    if (primaryKey) expect(new Set(data.map((row) => keyOf(row, primaryKey))).size).toBe(data.length)
    for (const { fields: names, reference } of foreignKeys) {
      const there = rowsOf(descriptor.resources.find(({ name }) => name === reference.resource)!).data
      const known = new Set(there.map((row) => keyOf(row, reference.fields)))
      expect(data.filter((row) => !known.has(keyOf(row, names)))).toEqual([])
    }
  }
  const counts = Object.fromEntries(descriptor.resources.map((one) => [one.name, rowsOf(one).data.length]))
  for (const name of ['products', 'specimens', 'readings', 'figures', 'claims', 'method', 'characteristics'])
    expect([name, counts[name]! > 10]).toEqual([name, true])
  expect(counts.prices).toBeGreaterThan(5)
})

test('notes, struck readings and shops that are private stay', async () => {
  const db = await writableDatabase()
  const { id } = (await db('price').where({ shop: 'Harbour Parts Online' }).first('id')) as { id: string }
  await db('price').where({ id }).update({ shop: 'Secret Yard', isShopPrivate: 1 })
  const [first, second] = (await db('reading').orderBy('seq').limit(2)) as { id: string }[]
  await db('reading').where({ id: first!.id }).update({ note: 'A private word.' })
  await db('reading')
    .where({ id: second!.id })
    .update({ rawInput: 'struck 77 mm', voidedAt: '2026-11-27T10:00:00.000Z', voidedReason: 'A slip.' })
  const whole = Object.values(filesOf(await dataPackageZip(await engine(), ''))).join('\n')
  for (const kept of ['A private word.', 'struck 77 mm', 'A slip.', 'Secret Yard']) expect(whole).not.toContain(kept)
  expect(whole).toContain('a shop that is not named')
})

test('comes back to the same line-up in a library that has nothing of it', async () => {
  const application = await engine()
  const zip = await dataPackageZip(application, 'CC0-1.0')
  const { rows, columns } = await judgedLineup(application)
  await removeDemo()
  expect(await listApplications()).toEqual([])
  await written(zip)
  const again = await engine()
  expect(again).toMatchObject({ machine: application.machine, serviceIntervals: application.serviceIntervals })
  const back = await judgedLineup(again)
  expect(back.columns.map(({ name, tier, given }) => ({ name, tier, given }))).toEqual(
    columns.map(({ name, tier, given }) => ({ name, tier, given })),
  )
  // What differs is the chance alone: real specimens teach how units spread, those of the demo do not.
  const told = (all: typeof rows) =>
    all.map(({ key, cells }) => [
      key,
      cells.map((cell) => [cell.state, 'value' in cell && cell.value, 'text' in cell && cell.text]),
    ])
  for (const [at, row] of told(rows).entries()) expect(told(back.rows)[at]).toEqual(row)
  expect((await listInstruments()).length).toBeGreaterThan(0)
  expect((await lineupTable(again, 'metric')).split('\n').length).toBeGreaterThan(60)
})

test('sent a second time it brings nothing twice', async () => {
  const zip = await dataPackageZip(await engine(), '')
  const db = await writableDatabase()
  const counted = async () =>
    Promise.all(['reading', 'claim', 'price', 'specimen'].map(async (one) => (await db(one).count({ n: '*' }))[0]))
  const before = await counted()
  const id = await sent(zip)
  expect(await findImport(id)).toMatchObject({ state: 'ready', counts: { new: 0, refused: 0 } })
  await written(zip)
  expect(await counted()).toEqual(before)
})

test('whatever stands in its cells, the line-up can be opened afterwards, or it is refused', async () => {
  const files = filesOf(await dataPackageZip(await engine(), ''))
  const packed = (path: string, from: string, to: string) =>
    zipSync(
      Object.fromEntries(
        Object.entries({ ...files, [path]: files[path]!.replaceAll(from, to) }).map(([name, text]) => [
          name,
          new TextEncoder().encode(text.replaceAll('Skerry 1.1 D', `Wreck ${from}`)),
        ]),
      ),
    )
  for (const [path, from, to] of [
    ['data/applications.csv', 'M20 x 1.5', '<script>'],
    ['data/specimens.csv', 'bought', 'given'],
    ['data/claims.csv', 'ISO 4548-12', '%00'],
  ] as const) {
    await written(packed(path, from, to))
    const wreck = (await listApplications()).find(({ name }) => name === `Wreck ${from}`)!
    expect((await judgedLineup(wreck)).columns.length).toBeGreaterThan(5)
    expect(await lineupTable(wreck, 'imperial')).toContain('Media area')
  }
  const id = await sent(packed('data/comparisons.csv', 'can.wall', 'can.nothing'))
  expect((await findImport(id))!.message).toBe('comparisons.csv, row 2: "of" is nothing that is compared.')
})

test.each([
  ['a zip of other things', zipSync({ 'a.txt': new Uint8Array(3) }), 'no data package'],
  ['a zip that is cut off', new Uint8Array([0x50, 0x4b, 3, 4, 0, 0]), 'cannot be read'],
])('%s is refused in words', async (_, zip, message) => {
  const id = await sent(zip)
  const job = (await findImport(id))!
  expect(job.state).toBe('failed')
  expect(job.message).toContain(message)
})
