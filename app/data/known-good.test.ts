import { beforeAll, expect, test } from 'vitest'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { listApplications } from './applications.server.ts'
import { assessSpecimens } from './assessments.server.ts'
import { sayGood, specimenSigns } from './known-good.server.ts'
import { listProducts, type Product } from './products.server.ts'
import { listSpecimensOf } from './specimens.server.ts'
import { bringBack, throwAway } from './trash.server.ts'

demoDatabase()
let product: Product
const signs = async () => specimenSigns(await assessSpecimens(await listSpecimensOf(product.id)))
const of = async (label: string) => (await signs()).find((one) => one.label === label)!

beforeAll(async () => {
  const launch = (await listApplications()).find(({ name }) => name === 'Skerry 1.1 D')!
  product = (await listProducts(launch.id)).find(({ partNumber }) => partNumber === 'MB-1120')!
})

test('without one that is known to be good nothing is said of any', async () => {
  expect((await signs()).map(({ isGood, beside, signs: found }) => [isGood, beside, found])).toEqual([
    [false, 0, []],
    [false, 0, []],
  ])
})

test('beside a good one the other has its signs, and the good one none', async () => {
  await sayGood((await of('A')).id, true)
  await sayGood((await of('A')).id, true)
  expect(await of('A')).toMatchObject({ isGood: true, beside: 0, signs: [] })
  const other = await of('B')
  expect(other.beside).toBe(1)
  expect(other.signs.map(({ key }) => key)).toEqual(
    expect.arrayContaining(['box.datefont', 'can.seam', 'can.dome', 'glue.colour']),
  )
})

test('two good ones are not set against each other', async () => {
  const { id } = await of('B')
  await sayGood(id, true)
  for (const one of await signs()) expect(one).toMatchObject({ isGood: true, beside: 1, signs: [] })
  await sayGood(id, false)
})

test('it stays known to be good through the trash, and is taken back', async () => {
  const thrown = await throwAway([product.id])
  await bringBack(thrown!.id)
  expect(await of('A')).toMatchObject({ isGood: true })
  await sayGood((await of('A')).id, false)
  expect((await of('B')).signs).toEqual([])
})
