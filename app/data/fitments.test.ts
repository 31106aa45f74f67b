import { beforeAll, expect, test } from 'vitest'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { addApplication, listApplications, type Application } from './applications.server.ts'
import { assessApplication } from './assessments.server.ts'
import { evaluateLineup } from './lineup-evaluation.server.ts'
import { keepFitment, listFitments, removeFitment } from './fitments.server.ts'
import { newId } from './id.ts'
import { listEnginesToFit, productFitments } from './product-fitments.server.ts'
import { findProduct, listProducts, type Product } from './products.server.ts'
import { bringBack, throwAway } from './trash.server.ts'
import { markAsDemo } from './demo.server.ts'

demoDatabase()
let home: Application
let other: Application
let product: Product

beforeAll(async () => {
  home = (await listApplications()).find(({ name }) => name === 'Skerry 1.1 D')!
  const id = newId()
  const { createdAt: _, version: __, demo: ___, ...fields } = home
  await addApplication({ ...fields, id, name: 'Skerry 0.8', maxHeight: 0.09, bypass: 'engine' })
  await markAsDemo('application', id)
  other = (await listApplications()).find((one) => one.id === id)!
  product = (await listProducts(home.id)).find(({ partNumber }) => partNumber === 'N-40')!
})

test('every product is for the engine that it was entered for, and no other', async () => {
  expect(await listFitments(product.id)).toMatchObject([{ applicationId: home.id, isHome: true, source: '' }])
  // Neither the cartridge of the demo nor an engine of one's own.
  expect(await listEnginesToFit(product.id)).toEqual([{ id: other.id, name: 'Skerry 0.8' }])
  expect((await productFitments(product)).hasOthers).toBe(true)
  expect(await listProducts(other.id)).toEqual([])
})

test('one that fits another engine stands in both line-ups, judged by what each asks', async () => {
  const before = (await evaluateLineup(home, '2026-11-01')).columns.length
  await keepFitment({ productId: product.id, applicationId: other.id, source: 'swap', remarks: 'clears the bracket' })
  const here = await assessApplication(other.id)
  expect(here.map(({ specimen }) => specimen.partNumber)).toEqual(['N-40'])
  expect(here[0]!.specimen.applicationId).toBe(other.id)
  const { columns } = await evaluateLineup(other, '2026-11-01')
  expect(columns[0]!.misfits.join()).toContain('high, and there is room for')
  const at = await evaluateLineup(home, '2026-11-01')
  expect(at.columns).toHaveLength(before)
  expect(at.columns.find(({ productId }) => productId === product.id)!.misfits).toEqual([])
})

test('each engine says what fits, and what the other size gains', async () => {
  const { fitments, hasOthers } = await productFitments(product)
  expect(fitments.map(({ engine, isHome }) => [engine, isHome])).toEqual([
    ['Skerry 1.1 D', true],
    ['Skerry 0.8', false],
  ])
  expect(fitments[0]!.option).toMatch(/^Another size: \d\.\d mm longer than is usual for this engine, with \d+ % more/)
  expect(fitments[1]!.checks.find(({ what }) => what === 'Height')).toMatchObject({ state: 'not' })
  expect(hasOthers).toBe(false)
  expect(await listEnginesToFit(product.id)).toEqual([])
})

test('thrown away and brought back it is for the same engines', async () => {
  const thrown = await throwAway([product.id])
  expect(await assessApplication(other.id)).toEqual([])
  await bringBack(thrown!.id)
  expect((await listFitments(product.id)).map(({ source, remarks }) => [source, remarks])).toEqual([
    ['', ''],
    ['swap', 'clears the bracket'],
  ])
})

test('taken out of a line-up it keeps its readings; not out of that it was entered for', async () => {
  expect(await removeFitment(product.id, other.id)).toBe('removed')
  expect(await assessApplication(other.id)).toEqual([])
  expect((await findProduct(product.id))?.revisions).toHaveLength(1)
  expect(await removeFitment(product.id, home.id)).toBe('home')
  expect((await assessApplication(home.id)).some(({ specimen }) => specimen.productId === product.id)).toBe(true)
})
