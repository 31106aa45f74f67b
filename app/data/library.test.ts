import { expect, test } from 'vitest'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { addApplication, listApplications, listApplicationsPage } from './applications.server.ts'
import { newId } from './id.ts'
import { productsAtOnce, searchProducts } from './library.server.ts'
import { askedPage } from './page-of-list.ts'
import { addProduct } from './products.server.ts'

demoDatabase()

const words = {
  tiers: { low: 'Low', middle: 'Middle', top: 'Top', engine: 'Of the engine' },
  forms: { 'spin-on': 'Spin-on', cartridge: 'Cartridge' },
}
const search = (sought: string, page = 1) => searchProducts(sought, page, words)
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
