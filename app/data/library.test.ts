import { expect, test } from 'vitest'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { addApplication, listApplications, listApplicationsPage } from './applications.server.ts'
import { newId } from './id.ts'
import { libraryFilterSchema, productsAtOnce, searchProducts, wholeLibrary } from './library.server.ts'
import { askedPage } from './page-of-list.ts'
import { listTags, tagProducts } from './product-tags.server.ts'
import { addProduct } from './products.server.ts'

demoDatabase()

const words = {
  tiers: { low: 'Low', middle: 'Middle', top: 'Top', engine: 'Of the engine' },
  forms: { 'spin-on': 'Spin-on', cartridge: 'Cartridge' },
}
const search = (sought: string, page = 1) => searchProducts({ ...wholeLibrary, q: sought }, page, words)
const numbers = async (sought: string) => (await search(sought)).products.map(({ partNumber }) => partNumber)

test('a product is found by all of the words, each in its brand, number, engine, tier or form', async () => {
  expect(await numbers('corvane 214')).toEqual(['CV-214'])
  expect(await numbers('  CORVANE  top ')).toEqual(['CV-214'])
  expect(await numbers('brae cartridge sandmere')).toEqual(['SM-C71'])
  expect(await numbers('nothing of the kind')).toEqual([])
  const all = await search('')
  expect(all.total).toBe(17)
  expect(all.products[0]).toMatchObject({ brand: 'Brae', applicationName: 'Brae 16P', specimens: 1 })
})

test('what SQL takes for a sign is a letter like others', async () => {
  for (const sought of ['%', '_', "'", '"', '\\', ';drop table product']) expect(await numbers(sought)).toEqual([])
  expect((await search('')).total).toBe(17)
})

test('a long list comes a page at a time, none twice and none left out', async () => {
  const [application] = await listApplications()
  for (let number = 0; number < 60; number++)
    await addProduct({
      id: newId(),
      applicationId: application!.id,
      brand: 'Ärger',
      partNumber: `Long-${String(number).padStart(3, '0')}`,
      form: 'spin-on',
      tier: 'low',
      nickname: '',
      revision: '',
    })
  const pages = await Promise.all([1, 2, 3].map((page) => search('ärger LONG', page)))
  expect(pages.map(({ products }) => products.length)).toEqual([productsAtOnce, 60 - productsAtOnce, 0])
  expect(new Set(pages.flatMap(({ products }) => products.map(({ id }) => id))).size).toBe(60)
  expect(pages.every(({ total }) => total === 60)).toBe(true)
})

test('line-ups come a page at a time, oldest first', async () => {
  const [like] = await listApplications()
  const { createdAt: _, version: _version, ...fields } = like!
  for (let number = 0; number < 13; number++) await addApplication({ ...fields, id: newId(), name: `Engine ${number}` })
  const pages = await Promise.all([1, 2].map((page) => listApplicationsPage(page, 12)))
  expect(pages.map(({ applications, total }) => [applications.length, total])).toEqual([
    [12, 15],
    [3, 15],
  ])
  expect(pages[0]!.applications[0]!.id).toBe(like!.id)
})

test.each([
  ['', 1],
  ['page=3', 3],
  ['page=0', 1],
  ['page=-2', 1],
  ['page=1.5', 1],
  ['page=x', 1],
  ['page=99999999999999999999', 1],
])('"%s" asks for page %i', (address, page) => expect(askedPage(new URLSearchParams(address))).toBe(page))

test('narrowed by tier, engine and tag, and sorted; what is no choice is as if nothing was chosen', async () => {
  const by = async (filter: Record<string, string>) =>
    (await searchProducts(libraryFilterSchema.parse({ q: '', ...filter }), 1, words)).products
  const all = await by({})
  const { applicationId, id } = all.find(({ partNumber }) => partNumber === 'N-40')!
  expect((await by({ engine: applicationId })).every((one) => one.applicationId === applicationId)).toBe(true)
  expect((await by({ tier: 'top' })).every(({ tier }) => tier === 'top')).toBe(true)
  expect((await by({ sort: 'specimens' }))[0]).toMatchObject({ partNumber: 'CV-214', specimens: 3 })
  expect(new Set((await by({ sort: 'engine' })).map((one) => one.applicationName)).size).toBe(2)
  expect((await by({ sort: 'drop table', tier: 'none' })).map((one) => one.id)).toEqual(all.map((one) => one.id))
  await tagProducts([id], 'winter test', false)
  await tagProducts([id, 'nothere00000'], 'winter test', false)
  expect((await by({ tag: 'winter test' })).map(({ partNumber, tags }) => [partNumber, tags])).toEqual([
    ['N-40', ['winter test']],
  ])
  expect(await listTags()).toEqual(['winter test'])
  await tagProducts([id], 'winter test', true)
  expect(await by({ tag: 'winter test' })).toEqual([])
})
