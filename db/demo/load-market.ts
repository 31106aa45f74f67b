import { z } from 'zod'
import { characteristicOf } from '#core/catalogue/index.ts'
import { parseEntry } from '#core/teardown/entry.ts'
import { readingOfEntry } from '#core/teardown/reading.ts'
import { readComparison } from '#core/compare/read-comparison.ts'
import { saveWord } from '#app/data/absolute-words.server.ts'
import { addAvailability } from '#app/data/availability.server.ts'
import { addClaim } from '#app/data/claims.server.ts'
import { addComparison } from '#app/data/comparisons.server.ts'
import { markAsDemo } from '#app/data/demo.server.ts'
import { addDriver } from '#app/data/drivers.server.ts'
import { addExhibit } from '#app/data/exhibits.server.ts'
import { addInquiry } from '#app/data/inquiries.server.ts'
import { inquirySchema } from '#app/features/forms/inquiry-fields.ts'
import { newId } from '#app/data/id.ts'
import { keepPartCall } from '#app/data/part-calls.server.ts'
import { addPrice, addRate } from '#app/data/prices.server.ts'
import { addOwed, addPrediction } from '#app/data/foresight.server.ts'
import { findProduct, saveMaker } from '#app/data/products.server.ts'
import { listSpecimensOf } from '#app/data/specimens.server.ts'
import { availabilitySchema } from '#app/features/forms/availability-fields.ts'
import { claimFields, claimSchema } from '#app/features/forms/claim-fields.ts'
import { driverFields, driverSchema } from '#app/features/forms/driver-fields.ts'
import { exhibitSchema } from '#app/features/forms/exhibit-fields.ts'
import { priceRawInput, priceSchema, rateSchema } from '#app/features/forms/price-fields.ts'
import { partCallSchema } from '#app/features/forms/part-call-fields.ts'
import { makerSchema } from '#app/features/forms/product-fields.ts'
import { wordSchema } from '#app/features/forms/word-fields.ts'

const ofProduct = z.array(z.looseObject({ product: z.string() }))

const fileSchema = z.object({
  claims: ofProduct,
  prices: ofProduct,
  rates: z.array(z.looseObject({})),
  drivers: z.array(z.looseObject({})),
  words: ofProduct,
  availability: ofProduct,
  inquiries: ofProduct,
  makers: ofProduct,
  foresight: z.object({
    predictions: z.array(z.object({ product: z.string(), characteristic: z.string(), typed: z.string() })),
    owed: z.array(z.object({ product: z.string(), characteristic: z.string() })),
  }),
  calls: z.array(z.object({ product: z.string(), other: z.string(), part: z.string(), call: z.string() })),
  exhibits: z.array(z.looseObject({ product: z.string(), beside: z.string() })),
  comparisons: z.array(z.object({ product: z.string(), other: z.string(), line: z.string() })),
})

/** Loads claims, prices, rates, drivers, absolute words and comparisons; products are named by their part numbers. */
export async function loadMarket(file: unknown, products: ReadonlyMap<string, string>): Promise<void> {
  const demo = fileSchema.parse(file)
  const { claims, prices, rates, drivers, words, availability, inquiries, makers, foresight } = demo
  const productIdOf = (partNumber: string): string => {
    const id = products.get(partNumber)
    if (id === undefined) throw new Error(`The demo has no product "${partNumber}"`)
    return id
  }
  for (const { product, ...typed } of claims)
    await addClaim(claimFields(claimSchema.parse({ ...typed, id: newId() }), productIdOf(product), typed))
  for (const { product, ...typed } of prices) {
    const price = priceSchema.parse({ ...typed, id: newId() })
    await addPrice({ ...price, productId: productIdOf(product) }, priceRawInput(typed))
  }
  for (const typed of rates) {
    const { id, ...rate } = rateSchema.parse({ ...typed, id: newId() })
    await addRate(id, rate)
    await markAsDemo('rate', id)
  }
  for (const typed of drivers) {
    const driver = driverFields(driverSchema.parse({ ...typed, id: newId() }), typed)
    await addDriver(driver)
    await markAsDemo('driver', driver.id)
  }
  for (const { product, ...typed } of words) {
    const {
      intent: _,
      version,
      schoolId: _school,
      driverId: _driver,
      ...word
    } = wordSchema.parse({
      ...typed,
      id: newId(),
      version: 0,
    })
    await saveWord({ ...word, revisionId: await latestRevision(productIdOf(product)) }, version, undefined)
  }
  for (const { product, ...typed } of availability) {
    const { intent: _, ...seen } = availabilitySchema.parse({ ...typed, id: newId(), intent: 'availability' })
    await addAvailability({ ...seen, productId: productIdOf(product), revisionId: null })
  }
  for (const { product, ...typed } of inquiries) {
    const productId = productIdOf(product)
    const { intent: _, ...inquiry } = inquirySchema.parse({ ...typed, id: newId(), productId, intent: 'inquire' })
    await addInquiry(inquiry)
  }
  for (const { product, ...typed } of makers) {
    const id = await latestRevision(productIdOf(product))
    await saveMaker(productIdOf(product), makerSchema.parse({ ...typed, intent: 'maker', id }))
  }
  await loadForesight(foresight, productIdOf)
  await loadBeside(demo, productIdOf)
}

/** Loads what is said of two beside each other, and what is laid beside them. */
async function loadBeside(
  { calls, comparisons, exhibits }: z.output<typeof fileSchema>,
  productIdOf: (partNumber: string) => string,
): Promise<void> {
  for (const { product, other, part, call } of calls) {
    const [a, b] = await Promise.all([product, other].map((one) => latestRevision(productIdOf(one))))
    const { intent: _, ...parsed } = partCallSchema.parse({ intent: 'call', a, b, part, call })
    await keepPartCall(parsed)
  }
  for (const { product, other, line } of comparisons)
    await loadComparison(line, productIdOf(product), productIdOf(other))
  for (const { product, beside, ...typed } of exhibits)
    await loadExhibit(typed, productIdOf(product), productIdOf(beside))
}

/** Lays a part of the first specimen of a product beside the face-offs of another's engine. */
async function loadExhibit(typed: Record<string, unknown>, productId: string, beside: string): Promise<void> {
  const [specimen] = await listSpecimensOf(productId)
  const application = (await findProduct(beside))?.applicationId
  if (!specimen || !application) throw new Error('The demo has nothing to lay beside')
  const { id, part, note } = exhibitSchema.parse({ ...typed, id: newId(), specimen: specimen.id })
  await addExhibit({ id, applicationId: application, specimenId: specimen.id, part, note })
}

async function latestRevision(productId: string): Promise<string> {
  const revision = (await findProduct(productId))?.revisions.at(-1)
  if (!revision) throw new Error('A product of the demo has no revision')
  return revision.id
}

type DemoFile = z.output<typeof fileSchema>

/** What is owed of a specimen, and what was predicted of it before. */
async function loadForesight(
  { predictions, owed }: DemoFile['foresight'],
  productIdOf: (partNumber: string) => string,
): Promise<void> {
  for (const { product, characteristic, typed } of predictions) {
    const [specimen] = await listSpecimensOf(productIdOf(product))
    const entry = parseEntry(characteristicOf(characteristic), { text: typed })
    if (!specimen || !entry.ok) throw new Error(`The demo's prediction "${typed}" cannot be read`)
    const { valueNumber, valueHalf, valueText } = readingOfEntry(entry.value)
    const value = { valueNumber, valueHalf, valueText }
    await addPrediction(specimen.id, { id: newId(), characteristic, rawInput: typed, ...value })
  }
  for (const { product, characteristic } of owed) {
    const [specimen] = await listSpecimensOf(productIdOf(product))
    if (specimen) await addOwed(specimen.id, { id: newId(), characteristic })
  }
}

async function loadComparison(line: string, product: string, other: string): Promise<void> {
  const [[one], [beside]] = await Promise.all([listSpecimensOf(product), listSpecimensOf(other)])
  const [candidate] = one ? readComparison(line, one.form) : []
  const added =
    one && beside && candidate && (await addComparison(one, beside, { id: newId(), of: candidate.of, line }))
  if (!added?.ok) throw new Error(`The demo's comparison "${line}" cannot be read`)
}
