import { createHash } from 'node:crypto'
import { strToU8, type Zippable } from 'fflate'
import { dataPackage, type Licence, type PackagedFile } from '#core/datapackage/descriptor.ts'
import { libraryTables, type LibraryTable, type PackagedLibrary } from '#core/datapackage/library-tables.ts'
import { tableCsv, type Table } from '#core/datapackage/table.ts'
import {
  characteristicRows,
  characteristicsTable,
  criterionRow,
  figureCells,
  figuresTable,
  measurementRow,
  measurementsTable,
  methodTable,
  readingsTable,
  verdictRows,
  verdictsTable,
} from '#core/datapackage/told-tables.ts'
import { catalogue } from '#core/catalogue/index.ts'
import { readingRow } from '#core/exchange/readings-csv.ts'
import { effectiveCriteria } from '#core/score/effective-criteria.ts'
import { shopToTell } from '#core/money/landed.ts'
import { slugOf } from '#core/review/site.ts'
import type { Reading } from '#core/teardown/reading.ts'
import * as texts from '#app/texts/imports.ts'
import { assessApplication, type AssessedSpecimen } from './assessments.server.ts'
import type { Application } from './applications.server.ts'
import { listClaims } from './claims.server.ts'
import { now } from './clock.ts'
import { listComparisons, type StoredComparison } from './comparisons.server.ts'
import { listFigures, pathOf } from './exports.server.ts'
import { instrumentsById, instrumentsOf, type StoredInstrument } from './instruments.server.ts'
import { methodInForce } from './schools.server.ts'
import { listPrices } from './prices.server.ts'
import { listProducts, type Product } from './products.server.ts'
import { listReadingsBySpecimen } from './readings.server.ts'
import { inThread } from './threads.server.ts'
import { listVerdicts } from './verdicts.server.ts'
import { zipped } from './zipped.server.ts'

/** All that is known of the filters of an engine, as a Data Package in a zip. */
export const dataPackageZip = inThread(
  'lineups',
  'write data package',
  async (application: Application, licence: Licence): Promise<Uint8Array> => {
    const assessed = await assessApplication(application.id)
    const readings = await standingReadings(assessed)
    const library = await packagedLibrary(application, assessed, readings)
    const method = await methodInForce(application.demo)
    const used = new Set(assessed.flatMap(({ assessment }) => [...assessment.values.keys()]))
    const keys = catalogue.map(({ key }) => key).filter((key) => used.has(key))
    const measurements = measurementsTable(keys)
    const { published } = await listVerdicts(application.id)
    const tables: [Table, string][] = [
      ...(Object.entries(libraryTables) as [LibraryTable, Table][]).map(([name, table]): [Table, string] => [
        table,
        tableCsv(table, library[name]),
      ]),
      [readingsTable, await readingsCsv(assessed, readings)],
      [
        measurements,
        tableCsv(
          measurements,
          assessed.map(({ specimen, assessment }) => measurementRow(pathOf(specimen), assessment.values, keys)),
        ),
      ],
      [figuresTable, tableCsv(figuresTable, (await listFigures(application.id)).map(figureCells))],
      [
        verdictsTable,
        tableCsv(
          verdictsTable,
          published.flatMap((verdict) => verdictRows(application.name, verdict)),
        ),
      ],
      [methodTable, tableCsv(methodTable, effectiveCriteria(method, undefined).map(criterionRow))],
      [characteristicsTable, tableCsv(characteristicsTable, characteristicRows())],
    ]
    const files: Zippable = {}
    const listed = tables.map(([table, text]): PackagedFile => {
      const bytes = strToU8(text)
      files[`data/${table.name}.csv`] = bytes
      return { table, bytes: bytes.length, hash: createHash('sha256').update(bytes).digest('hex') }
    })
    const head = {
      ...{ name: slugOf(application.name, application.id), title: texts.oilFiltersForThe(application.name) },
      ...{ created: now(), licence, method: method.version },
    }
    const descriptor = strToU8(`${JSON.stringify(dataPackage(head, listed), undefined, 2)}\n`)
    return zipped({ 'datapackage.json': descriptor, ...files })
  },
)

/** Readings that stand, by specimen; their notes stay. */
async function standingReadings(assessed: readonly AssessedSpecimen[]): Promise<ReadonlyMap<string, Reading[]>> {
  const all = await listReadingsBySpecimen(assessed.map(({ specimen }) => specimen.id))
  return new Map(
    [...all].map(([specimen, readings]) => [
      specimen,
      readings.filter(({ voided }) => !voided).map((reading) => ({ ...reading, note: '' })),
    ]),
  )
}

async function readingsCsv(
  assessed: readonly AssessedSpecimen[],
  readings: ReadonlyMap<string, readonly Reading[]>,
): Promise<string> {
  const instruments = await instrumentsById()
  return tableCsv(
    readingsTable,
    assessed.flatMap(({ specimen }) =>
      (readings.get(specimen.id) ?? []).map((reading) =>
        readingRow(pathOf(specimen), reading, instruments.get(reading.instrumentId ?? '')?.name ?? ''),
      ),
    ),
  )
}

async function packagedLibrary(
  application: Application,
  assessed: readonly AssessedSpecimen[],
  readings: ReadonlyMap<string, readonly Reading[]>,
): Promise<PackagedLibrary> {
  const [products, claims, prices] = await Promise.all([
    listProducts(application.id),
    listClaims(application.id),
    listPrices(application.id),
  ])
  const comparisons = await listComparisons(application.id)
  const used = new Set([...readings.values()].flat().flatMap(({ instrumentId }) => instrumentId ?? []))
  const named = (product: Product) => ({
    ...{ application: application.name, brand: product.brand, 'part number': product.partNumber },
  })
  const ofProduct = ({ productId, revisionId }: { productId: string; revisionId?: string | null }) =>
    products
      .filter(({ id }) => id === productId)
      .map((product) => ({
        ...named(product),
        revision: product.revisions.find(({ id }) => id === revisionId)?.label ?? '',
      }))
  return {
    applications: [applicationRow(application)],
    products: products.map((product) => ({
      ...named(product),
      ...{ form: product.form, tier: product.tier, 'short name': product.nickname },
    })),
    revisions: products.flatMap((product) =>
      product.revisions.map(({ label, maker, makerEvidence }) => ({
        ...{ ...named(product), revision: label, maker, 'maker is known by': makerEvidence },
      })),
    ),
    specimens: assessed.map(({ specimen }) => specimenRow(specimen)),
    instruments: (await instrumentsOf(application)).filter(({ id }) => used.has(id)).map(instrumentRow),
    claims: claims.flatMap(({ kind, words, place, readOn, parts, rawInput, ...of }) =>
      ofProduct(of).map((path) => ({ ...path, kind, words, place, 'read on': readOn, parts, 'as typed': rawInput })),
    ),
    prices: prices.flatMap((price) =>
      ofProduct(price).map((path) => ({
        ...{ ...path, shop: shopToTell(price), 'seen on': price.observedOn, currency: price.currency },
        ...{ price: price.amountMinor, 'filters in a pack': price.packSize, 'pack content': price.packContent ?? '' },
        ...{ subscription: price.subscription, freight: price.freight },
        ...{ extras: price.extras, 'worth of extras': price.extrasMinor },
      })),
    ),
    comparisons: comparisons.flatMap((one) => comparisonRow(one, assessed)),
  }
}

const applicationRow = (one: Application): PackagedLibrary['applications'][number] => ({
  ...{ application: one.name, machine: one.machine, form: one.form, thread: one.thread ?? '', bypass: one.bypass },
  ...{
    'bypass opening': one.bypassOpening,
    'coldest oil': one.oilTemperatureMin,
    'hottest oil': one.oilTemperatureMax,
  },
  ...{ 'greatest height': one.maxHeight, 'greatest diameter': one.maxDiameter, 'gasket land': one.gasketLand },
  ...{ mounting: one.mounting, 'size class': one.sizeClass, trouble: one.trouble },
  ...{ 'service intervals': one.serviceIntervals, 'as typed': one.rawInput },
})

const specimenRow = (one: AssessedSpecimen['specimen']): PackagedLibrary['specimens'][number] => ({
  ...{ application: one.applicationName, brand: one.brand, 'part number': one.partNumber },
  ...{ revision: one.revisionLabel, specimen: one.label },
  ...{ acquisition: one.acquisition, 'given by': one.givenBy, 'on loan': one.onLoan === 1 },
  ...{ condition: one.condition, service: one.service, paid: one.paidMinor, currency: one.currency ?? '' },
  ...{ 'recording plan': { ...one.recordingPlan }, 'as typed': { ...one.rawInput } },
})

function comparisonRow(
  { of, specimen, other, relation, evidence, said }: StoredComparison,
  assessed: readonly AssessedSpecimen[],
): PackagedLibrary['comparisons'] {
  const [one, beside] = [specimen, other].map((id) => assessed.find((own) => own.specimen.id === id)?.specimen)
  if (!one || !beside) return []
  return [
    {
      ...{ application: one.applicationName, brand: one.brand, 'part number': one.partNumber },
      ...{ revision: one.revisionLabel, specimen: one.label },
      ...{ 'other brand': beside.brand, 'other part number': beside.partNumber },
      ...{ 'other revision': beside.revisionLabel, 'other specimen': beside.label },
      ...{ of, relation, evidence, said },
    },
  ]
}

const instrumentRow = (one: StoredInstrument): PackagedLibrary['instruments'][number] => ({
  ...{ instrument: one.name, kind: one.kind, resolution: one.resolution, accuracy: one.accuracy },
  'as typed': { ...one.rawInput },
})
