import { existsSync, mkdirSync, readFileSync, renameSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { z } from 'zod'
import { characteristicOf, evidences, type Evidence } from '#core/catalogue/index.ts'
import { readEntry } from '#core/teardown/entry.ts'
import { usualInstrument, type InstrumentKind } from '#core/teardown/instrument.ts'
import { usualEvidence } from '#core/teardown/reading.ts'
import { listApplications, saveApplication } from '#app/data/applications.server.ts'
import { saveClaim } from '#app/data/claims.server.ts'
import { database, dataFolder } from '#app/data/database.server.ts'
import { saveDriver } from '#app/data/drivers.server.ts'
import { newId } from '#app/data/id.ts'
import { addCheck, saveInstrument } from '#app/data/instruments.server.ts'
import { addPrice, addRate } from '#app/data/prices.server.ts'
import { findProduct, saveProduct, saveRevision } from '#app/data/products.server.ts'
import { addReadings, type NewReading } from '#app/data/readings.server.ts'
import { saveSpecimen } from '#app/data/specimens.server.ts'
import { checkSchema, instrumentSchema } from '#app/features/forms/instrument-schemas.ts'
import { claimSchema, driverSchema, priceSchema, rateSchema } from '#app/features/forms/market-schemas.ts'
import { applicationFields, applicationSchema, productSchema, specimenSchema } from '#app/features/forms/schemas.ts'

const evidence = z.enum(evidences.map(({ key }) => key) as [Evidence, ...Evidence[]])

const fileSchema = z.object({
  application: z.record(z.string(), z.string()),
  products: z.array(
    z.object({
      brand: z.string(),
      partNumber: z.string(),
      tier: z.string(),
      revisions: z.array(
        z.object({
          label: z.string(),
          specimens: z.array(
            z.looseObject({
              started: z.iso.datetime(),
              /** Key, as typed, how it is known, where it was read. */
              readings: z.array(z.tuple([z.string(), z.string()]).rest(z.string())),
            }),
          ),
        }),
      ),
    }),
  ),
})

const instrumentsSchema = z.array(z.looseObject({ checks: z.array(z.looseObject({ at: z.iso.datetime() })) }))

/** The instruments of the demo, by kind. */
type Bench = ReadonlyMap<InstrumentKind, string>

async function loadInstruments(path: string): Promise<Bench> {
  const kinds = new Map<InstrumentKind, string>()
  for (const { checks, ...fields } of instrumentsSchema.parse(JSON.parse(readFileSync(path, 'utf8')))) {
    const instrument = instrumentSchema.parse({ ...fields, intent: 'save', id: newId() })
    await saveInstrument(instrument)
    kinds.set(instrument.kind, instrument.id)
    for (const { at, ...check } of checks) {
      const { piece, reference, reading, id } = checkSchema.parse({
        ...check,
        intent: 'check',
        id: newId(),
        instrument: instrument.id,
        kind: instrument.kind,
      })
      await addCheck(instrument.id, { id, at, piece, reference, reading })
    }
  }
  return kinds
}

/** Seconds from one reading of the demo to the next. */
const pace = 47

/** Loads one file of the demo through the checks that a user's input passes. */
async function loadFile(path: string, bench: Bench, ids: Map<string, string>): Promise<number> {
  const { application, products } = fileSchema.parse(JSON.parse(readFileSync(path, 'utf8')))
  const app = applicationFields(applicationSchema.parse({ ...application, id: newId() }))
  await saveApplication(app)

  let count = 0
  for (const { revisions, ...product } of products) {
    const fields = productSchema.parse({ ...product, id: newId(), form: app.form, revision: revisions[0]!.label })
    await saveProduct({ ...fields, application: app.id })
    ids.set(fields.partNumber, fields.id)
    const first = (await findProduct(fields.id))!.revisions[0]!
    for (const [index, revision] of revisions.entries()) {
      const id = index === 0 ? first.id : newId()
      if (index > 0) await saveRevision({ id, product: fields.id, label: revision.label })
      for (const { readings, started, ...specimen } of revision.specimens) {
        const { price, currency, ...own } = specimenSchema.parse({ ...specimen, id: newId(), revision: id })
        await saveSpecimen({ ...own, paidMinor: price, currency: price === null ? null : (currency ?? null) })
        await addReadings(
          readings.map((reading, step) =>
            toReading(own.id, bench, reading, new Date(Date.parse(started) + step * pace * 1000).toISOString()),
          ),
        )
        count += readings.length
      }
    }
  }
  return count
}

const forProduct = z.array(z.looseObject({ product: z.string() }))
const marketSchema = z.object({
  claims: forProduct,
  prices: forProduct,
  rates: z.array(z.unknown()),
  drivers: z.array(z.looseObject({})),
})

/** Loads claims, prices, rates and drivers; products are named by their part numbers. */
async function loadMarket(path: string, products: ReadonlyMap<string, string>): Promise<void> {
  const { claims, prices, rates, drivers } = marketSchema.parse(JSON.parse(readFileSync(path, 'utf8')))
  for (const { product, ...claim } of claims)
    await saveClaim({ ...claimSchema.parse({ ...claim, id: newId() }), product: products.get(product)! })
  for (const { product, ...price } of prices)
    await addPrice({ ...priceSchema.parse({ ...price, id: newId() }), product: products.get(product)! })
  for (const rate of rates) await addRate(rateSchema.parse(rate))
  for (const driver of drivers) await saveDriver(driverSchema.parse({ ...driver, id: newId() }))
}

function toReading(
  specimen: string,
  bench: Bench,
  [key, typed, known, source]: [string, string, ...string[]],
  at: string,
): NewReading {
  const characteristic = characteristicOf(key)
  const entry = readEntry(characteristic, { text: typed })
  if (!entry.ok) throw new Error(`${key} "${typed}": ${entry.problem.message}`)
  const { number = null, text = null, groups = null, unit = null } = entry.value
  const how = known === undefined ? usualEvidence(characteristic) : evidence.parse(known)
  const kind = how === 'measured' ? usualInstrument(characteristic) : undefined
  return {
    id: newId(),
    specimen,
    characteristic: key,
    typed,
    unit,
    number,
    text,
    groups,
    evidence: how,
    instrument: (kind && bench.get(kind)) ?? null,
    source: source ?? null,
    note: null,
    at,
  }
}

/** Loads the demo into an empty database; with `reset`, a database that is there is put aside first. */
export async function loadDemo({ reset }: { reset: boolean }): Promise<string> {
  const folder = dataFolder()
  const file = join(folder, 'plicator.sqlite')
  if (reset && existsSync(file)) {
    const aside = join(folder, `before-reset-${new Date().toISOString().replace(/[:.]/g, '-')}`)
    mkdirSync(aside)
    for (const part of ['', '-wal', '-shm'])
      if (existsSync(file + part)) renameSync(file + part, join(aside, `plicator.sqlite${part}`))
    if (existsSync(join(folder, 'photos'))) renameSync(join(folder, 'photos'), join(aside, 'photos'))
  }
  if ((await listApplications()).length > 0)
    return 'The database has work in it; it stays as it is. (bin/demo --reset puts it aside and loads the demo.)'
  try {
    let count = 0
    const bench = await loadInstruments(join(import.meta.dirname, 'instruments.json'))
    const products = new Map<string, string>()
    for (const name of ['skerry-1.1-d', 'brae-16p'])
      count += await loadFile(join(import.meta.dirname, `${name}.json`), bench, products)
    await loadMarket(join(import.meta.dirname, 'market.json'), products)
    return `Demo loaded: ${count} readings, all invented.`
  } catch (error) {
    await (await database()).destroy()
    for (const part of ['', '-wal', '-shm']) rmSync(file + part, { force: true })
    throw error
  }
}

if (process.argv[1] === import.meta.filename) {
  console.log(await loadDemo({ reset: process.argv.includes('--reset') }))
  await (await database()).destroy()
}
