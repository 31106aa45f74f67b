import { existsSync } from 'node:fs'
import { join } from 'node:path'
import sharp from 'sharp'
import { expect, test } from 'vitest'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { listApplications } from './applications.server.ts'
import { assessSpecimens } from './assessments.server.ts'
import { database, writableDatabase } from './database.server.ts'
import { newId } from './id.ts'
import { mergeProducts } from './merge-products.server.ts'
import { addPhoto, sweepPhotos } from './photos.server.ts'
import { addRevision, addProduct, findProduct, listProducts } from './products.server.ts'
import { listSpecimensOf } from './specimens.server.ts'
import { bringBack, emptyTrash, listTrash, throwAway } from './trash.server.ts'

const folder = demoDatabase()

const tables = [
  'product',
  'revision',
  'specimen',
  'reading',
  'claim',
  'price',
  'comparison',
  'part_call',
  'availability',
]

const counts = async () => {
  const db = await database()
  return Object.fromEntries(
    await Promise.all(
      tables.map(async (table) => [table, Number((await db(table).count({ all: '*' }).first())?.all)] as const),
    ),
  )
}

async function productOf(partNumber: string) {
  const applications = await listApplications()
  const products = await listProducts(...applications.map(({ id }) => id))
  return products.find((one) => one.partNumber === partNumber)!
}

const figuresOf = async (product: string) =>
  (await assessSpecimens(await listSpecimensOf(product))).map(({ specimen, assessment }) => [
    specimen.label,
    [...assessment.figures.values()].map((figure) => JSON.stringify(figure)),
  ])

test('what is thrown away goes with all that belongs to it, and comes back to the last reading', async () => {
  const { id } = await productOf('CV-214')
  const [before, figures] = [await counts(), await figuresOf(id)]
  const thrown = await throwAway([id])
  expect(thrown).toMatchObject({ kind: 'products', name: 'Corvane CV-214' })
  expect(await findProduct(id)).toBeUndefined()
  expect((await counts()).reading).toBeLessThan(before.reading!)
  expect((await listTrash()).map(({ name }) => name)).toEqual(['Corvane CV-214'])
  expect(await bringBack(thrown!.id)).toEqual({ ok: true, value: 'Corvane CV-214' })
  expect(await counts()).toEqual(before)
  expect(await figuresOf(id)).toEqual(figures)
  expect(await listTrash()).toEqual([])
})

test('several go and come together; what is not there is nothing', async () => {
  const before = await counts()
  const ids = [(await productOf('Q-7')).id, (await productOf('QC-3')).id]
  const thrown = await throwAway([...ids, 'nothere00000'])
  expect(thrown?.name).toBe('Quarrow Q-7 and Quarrow QC-3')
  expect((await bringBack(thrown!.id)).ok).toBe(true)
  expect(await counts()).toEqual(before)
  expect(await throwAway(['nothere00000'])).toBeUndefined()
  expect((await bringBack('nothere00000')).ok).toBe(false)
})

test('one whose name is taken by now is not brought back over it, and stays in the trash', async () => {
  const product = await productOf('D-19')
  const thrown = await throwAway([product.id])
  const { revisions: _, version: __, ...fields } = product
  const again = newId()
  await addProduct({ ...fields, id: again, revision: '' })
  expect(await bringBack(thrown!.id)).toMatchObject({ ok: false, problem: { code: 'taken' } })
  expect(await listTrash()).toHaveLength(1)
  const second = await throwAway([again])
  expect((await bringBack(thrown!.id)).ok).toBe(true)
  await emptyTrash(second!.id)
  expect(await listTrash()).toEqual([])
})

test('its pictures stay as long as it can be brought back, and go with it for good', async () => {
  const { id } = await productOf('PG-33')
  const [specimen] = await listSpecimensOf(id)
  const bytes = await sharp({ create: { width: 80, height: 60, channels: 3, background: '#7a6' } })
    .jpeg()
    .toBuffer()
  const photo = { id: newId(), part: 'can', name: 'can.jpg' } as const
  expect((await addPhoto(specimen!.id, photo, new Response(bytes as BodyInit).body!)).ok).toBe(true)
  const file = join(folder, 'photos', `${photo.id}.jpg`)
  const first = await throwAway([id])
  await sweepPhotos()
  expect(existsSync(file)).toBe(true)
  expect((await bringBack(first!.id)).ok).toBe(true)
  const second = await throwAway([id])
  await emptyTrash(second!.id)
  expect(existsSync(file)).toBe(false)
})

test('of two that were compared the first waits for the second, and then nothing is lost', async () => {
  const [one, other] = [await productOf('D-19'), await productOf('CV-214')]
  const before = await counts()
  const [first, second] = [await throwAway([one.id]), await throwAway([other.id])]
  expect(await bringBack(first!.id)).toMatchObject({ ok: false, problem: { code: 'homeless' } })
  expect((await bringBack(second!.id)).ok).toBe(true)
  expect((await bringBack(first!.id)).ok).toBe(true)
  expect(await counts()).toEqual(before)
})

test('what has lain for thirty days is gone; what is younger stays', async () => {
  const thrown = await throwAway([(await productOf('SM-C71')).id])
  await emptyTrash()
  expect(await listTrash()).toHaveLength(1)
  const db = await writableDatabase()
  await db('trash').where({ id: thrown!.id }).update({ thrownAt: '2026-01-01T00:00:00.000Z' })
  await emptyTrash()
  expect(await listTrash()).toEqual([])
})

test('merged, every reading goes along and revisions say where they are from; taken apart, all is as before', async () => {
  const [kept, other] = [await productOf('CV-114'), await productOf('CV-164')]
  const before = await counts()
  const merged = await mergeProducts(kept.id, [kept.id, other.id])
  if (!merged.ok) throw new Error(merged.problem.message)
  expect(merged.value.name).toBe('Corvane CV-164 into Corvane CV-114')
  expect(await counts()).toEqual({ ...before, product: before.product! - 1 })
  expect((await findProduct(kept.id))?.revisions.map(({ label }) => label)).toEqual(['', 'Corvane CV-164'])
  expect(await listSpecimensOf(kept.id)).toHaveLength(2)
  expect((await bringBack(merged.value.id)).ok).toBe(true)
  expect(await counts()).toEqual(before)
  expect(await findProduct(other.id)).toEqual(other)
})

test('two revisions of one name stay two, the one that comes along says which product it was of', async () => {
  const [kept, other] = [await productOf('CV-114'), await productOf('CV-164')]
  for (const { id } of [kept, other]) await addRevision({ id: newId(), label: 'suffix B', productId: id })
  const merged = await mergeProducts(kept.id, [other.id])
  if (!merged.ok) throw new Error(merged.problem.message)
  const labels = (await findProduct(kept.id))?.revisions.map(({ label }) => label)
  expect(labels).toEqual(expect.arrayContaining(['suffix B', 'suffix B, Corvane CV-164']))
  expect((await bringBack(merged.value.id)).ok).toBe(true)
})

test('a merge in which something was changed since is not taken apart', async () => {
  const [kept, other] = [await productOf('CV-114'), await productOf('CV-164')]
  const merged = await mergeProducts(kept.id, [other.id])
  if (!merged.ok) throw new Error(merged.problem.message)
  const db = await writableDatabase()
  await db('product').where({ id: kept.id }).update({ tier: 'engine' })
  expect(await bringBack(merged.value.id)).toMatchObject({ ok: false, problem: { code: 'changed' } })
  await db('product').where({ id: kept.id }).update({ tier: kept.tier })
  expect((await bringBack(merged.value.id)).ok).toBe(true)
})

test('only products of one engine and form are one', async () => {
  const [oil, cartridge] = [await productOf('N-40'), await productOf('NC-160')]
  expect(await mergeProducts(oil.id, [cartridge.id])).toMatchObject({ ok: false, problem: { code: 'engines' } })
  expect(await mergeProducts(oil.id, [oil.id])).toMatchObject({ ok: false, problem: { code: 'few' } })
})
