import { beforeAll, expect, test } from 'vitest'
import { demoDatabase } from '#db/demo/demo-database.fixture.ts'
import { formatMadeIn } from '#core/kin/date-code.ts'
import { listApplications } from './applications.server.ts'
import { assessSpecimens } from './assessments.server.ts'
import { keepDateCodeTemplate, listDateCodeTemplates, removeDateCodeTemplate } from './date-codes.server.ts'
import { optionsAudit } from './options-audit.server.ts'
import { listBrands, listProducts, type Product } from './products.server.ts'
import { revisionFacts } from './revision-facts.server.ts'
import { listSpecimensOf } from './specimens.server.ts'

demoDatabase()
let application: string
let product: Product
let brand: string
const facts = async () => revisionFacts(product, await assessSpecimens(await listSpecimensOf(product.id)))

beforeAll(async () => {
  application = (await listApplications()).find(({ name }) => name === 'Skerry 1.1 D')!.id
  product = (await listProducts(application)).find(({ partNumber }) => partNumber === 'PG-33')!
  brand = (await listBrands()).find(({ name }) => name === 'Pellgate')!.id
})

test('a code of a brand that was not taught is a code, and no day is guessed', async () => {
  expect((await facts())[0]!.codes).toEqual([{ specimen: 'A', code: '2026 W11', readings: [], shelf: undefined }])
})

test('taught it is read; two templates that read it differently give both and no age', async () => {
  const taught = [
    { code: '2026 W11', means: '2026-03' },
    { code: '2025 W40', means: '2025-10' },
  ]
  await keepDateCodeTemplate(brand, { template: '{YYYY} {@}{WW}', taught })
  await keepDateCodeTemplate(brand, { template: '{YYYY} {@}{WW}', taught })
  expect(await listDateCodeTemplates(brand)).toHaveLength(1)
  const [one] = (await facts())[0]!.codes
  expect(one!.readings.map(formatMadeIn)).toEqual(['2026-03-09 to 2026-03-15'])
  expect(one!.shelf).toBe(7)
  await keepDateCodeTemplate(brand, { template: '{YYYY} {@}{#}{#}', taught })
  const [both] = (await facts())[0]!.codes
  expect(both!.readings.map(formatMadeIn)).toEqual(['2026-03-09 to 2026-03-15', '2026'])
  expect(both!.shelf).toBeUndefined()
})

test('a template that is forgotten reads no more', async () => {
  for (const { template } of await listDateCodeTemplates(brand)) await removeDateCodeTemplate(brand, template)
  expect((await facts())[0]!.codes[0]!.readings).toEqual([])
})

test('the revisions of a product have their countries and how each is built', async () => {
  product = (await listProducts(application)).find(({ partNumber }) => partNumber === 'F-2210')!
  const both = await facts()
  expect(both).toHaveLength(2)
  for (const { origins, record } of both) {
    expect(origins.length).toBeGreaterThan(0)
    expect(record.values.filter(Boolean).length).toBeGreaterThan(30)
  }
})

test('every filter of an engine is asked for what the engine needs', async () => {
  const audited = await optionsAudit(application)
  expect(audited.filter(({ isOwn }) => isOwn).map(({ name }) => name)).toEqual(['Skerry SK-1100-F'])
  for (const { checks } of audited) expect(checks[0]).toMatchObject({ what: 'Thread', state: 'fits' })
  expect(await optionsAudit('nosuchengine')).toEqual([])
})
