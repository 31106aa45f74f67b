import { z } from 'zod'
import { characteristicOf, evidenceKeys } from '#core/catalogue/index.ts'
import { parseEntry } from '#core/teardown/entry.ts'
import { defaultInstrumentKind } from '#core/teardown/instrument.ts'
import { defaultEvidence, readingOfEntry } from '#core/teardown/reading.ts'
import { addApplication } from '#app/data/applications.server.ts'
import { markAsDemo } from '#app/data/demo.server.ts'
import { newId } from '#app/data/id.ts'
import { findProduct, addProduct, addRevision } from '#app/data/products.server.ts'
import { addReadings, type NewReading } from '#app/data/readings.server.ts'
import { addSpecimen } from '#app/data/specimens.server.ts'
import { applicationFields, applicationSchema } from '#app/features/forms/application-fields.ts'
import { productSchema } from '#app/features/forms/product-fields.ts'
import { specimenFields, specimenSchema } from '#app/features/forms/specimen-fields.ts'
import type { DemoInstruments } from './load-instruments.ts'

const readingSchema = z
  .tuple([z.string(), z.string()])
  .rest(z.string())
  .transform(([key, rawInput, evidence, source]) => ({
    key,
    rawInput,
    evidence: evidence === undefined ? undefined : z.enum(evidenceKeys).parse(evidence),
    source,
  }))

const specimenFileSchema = z.looseObject({ started: z.iso.datetime(), readings: z.array(readingSchema) })

const productFileSchema = z.looseObject({
  revisions: z.array(z.object({ label: z.string(), specimens: z.array(specimenFileSchema) })),
})

const fileSchema = z.object({
  application: z.record(z.string(), z.string()),
  products: z.array(productFileSchema),
})

export interface LoadedApplication {
  readings: number
  /** Ids by part number. */
  products: ReadonlyMap<string, string>
}

/** A line-up of the user's own is called as one of the demo. */
export class DemoNameTaken extends Error {}

/** Loads an application with its products, specimens and readings, through the checks that a user's input passes. */
export async function loadApplication(file: unknown, instruments: DemoInstruments): Promise<LoadedApplication> {
  const { application: typed, products } = fileSchema.parse(file)
  const application = applicationFields(applicationSchema.parse({ ...typed, id: newId() }), typed)
  if ((await addApplication(application)) !== 'added')
    throw new DemoNameTaken(`There is a line-up "${application.name}" already: the demo has one of that name.`)
  await markAsDemo('application', application.id)

  let readings = 0
  const ids = new Map<string, string>()
  for (const { revisions, ...product } of products) {
    const revision = revisions[0]?.label
    const fields = productSchema.parse({ ...product, id: newId(), form: application.form, revision })
    await addProduct({ ...fields, applicationId: application.id })
    ids.set(fields.partNumber, fields.id)
    for (const { label, specimens } of revisions) {
      const revisionId = await ensureRevision(fields.id, label)
      for (const specimen of specimens) readings += await loadSpecimen(specimen, revisionId, instruments)
    }
  }
  return { readings, products: ids }
}

/** The id of a revision of a product; a new one when there is none of its label. */
async function ensureRevision(productId: string, label: string): Promise<string> {
  const product = await findProduct(productId)
  const known = product?.revisions.find((revision) => revision.label === label)
  if (known) return known.id
  const id = newId()
  await addRevision({ id, productId, label })
  return id
}

/** Time from one reading of the demo to the next, in milliseconds. */
const pace = 47_000

async function loadSpecimen(
  { readings, started, ...typed }: z.output<typeof specimenFileSchema>,
  revisionId: string,
  instruments: DemoInstruments,
): Promise<number> {
  const specimen = specimenFields(specimenSchema.parse({ ...typed, id: newId(), revisionId }), typed)
  await addSpecimen(specimen)
  await addReadings(
    readings.map((reading, index) => ({
      ...toReading(reading, instruments),
      specimenId: specimen.id,
      recordedAt: new Date(Date.parse(started) + index * pace).toISOString(),
    })),
  )
  return readings.length
}

function toReading(
  { key, rawInput, evidence: said, source }: z.output<typeof readingSchema>,
  instruments: DemoInstruments,
): Omit<NewReading, 'specimenId'> {
  const characteristic = characteristicOf(key)
  const entry = parseEntry(characteristic, { text: rawInput })
  if (!entry.ok) throw new Error(`${key} "${rawInput}": ${entry.problem.message}`)
  const evidence = said ?? defaultEvidence(characteristic)
  const kind = evidence === 'measured' ? defaultInstrumentKind(characteristic) : undefined
  return {
    id: newId(),
    characteristic: key,
    rawInput,
    ...readingOfEntry(entry.value),
    evidence,
    instrumentId: (kind && instruments.get(kind)) ?? null,
    source: source ?? null,
    note: null,
  }
}
