import { z } from 'zod'
import { evidenceKeys, findCharacteristic, sizeClasses, type FilterForm } from '#core/catalogue/index.ts'
import { boundQualifiers, claimKinds, claimPlaces, type ClaimParts } from '#core/claims/claim.ts'
import { findFigure } from '#core/figures/index.ts'
import { engineTroubles } from '#core/figures/trouble.ts'
import { mountings } from '#core/kin/fitment-checks.ts'
import { currencies } from '#core/money/currency.ts'
import { duties, type ServiceIntervals } from '#core/money/driver.ts'
import type { Interval } from '#core/quantity/interval.ts'
import { instrumentKinds, type InstrumentKind } from '#core/teardown/instrument.ts'
import { specimenConditions } from '#core/teardown/specimen-condition.ts'
import {
  dayColumn,
  flagColumn,
  keyColumn,
  nameColumn,
  numberColumn,
  objectColumn,
  textColumn,
  wholeColumn,
} from './column.ts'
import { productColumns, revisionColumns, specimenColumns } from './path-columns.ts'
import type { RowOf, Table } from './table.ts'

/** Tables that a package brings back: what readings are of, and what stands beside them. */

const keysOf = <K extends string>(list: readonly { key: K }[]): K[] => list.map(({ key }) => key)
const currencyCodes: readonly string[] = currencies
const filterForms = ['spin-on', 'cartridge'] as const satisfies readonly FilterForm[]

const amount = z.number().min(-1e12).max(1e12)
const whole = z.number().int().min(0).max(1e12)
const words = z.string().max(400)
const interval: z.ZodType<Interval> = z
  .object({ distance: amount.nullable(), months: amount.nullable(), hours: amount.optional() })
  .transform(({ hours, ...rest }) => ({ ...rest, ...(hours !== undefined && { hours }) }))
const serviceIntervals: z.ZodType<ServiceIntervals> = z.partialRecord(z.enum(keysOf(duties)), interval)
const freight = z.object({ order: whole, pack: whole, least: whole, freeFrom: whole.nullable() })
const point = z.object({
  share: z.number().min(0).max(1).nullable(),
  saying: z.enum(keysOf(boundQualifiers)),
  size: z.number().positive().max(0.001).nullable(),
})
const claimParts = z
  .object({
    points: z.array(point).max(8),
    ...{ standard: words, oil: words, rival: words },
    pass: z.enum(['multi', 'single']),
    ...{ amount, low: amount, high: amount, distance: amount, months: amount, hours: amount },
    ...{ notSevere: z.boolean(), severeShare: z.number().min(0).max(1) },
    promise: z.object({ characteristic: words.refine((key) => findCharacteristic(key) !== undefined), answer: words }),
  })
  .partial() as z.ZodType<ClaimParts>

const asTyped = objectColumn(
  'What was typed into the fields that are read as quantities.',
  z.record(z.string().max(60), words),
)

const applicationsTable = {
  name: 'applications',
  title: 'Engines',
  description: 'Engines that filters are for, with what they ask of one.',
  primaryKey: ['application'],
  columns: {
    application: productColumns.application,
    machine: textColumn('What it drives.', 80),
    form: keyColumn('The form of filter that it takes.', filterForms),
    thread: textColumn('Designation of the thread of its filter.', 40),
    bypass: keyColumn('Where its bypass valve sits.', ['filter', 'engine', 'unknown']),
    'bypass opening': numberColumn('Difference of pressure at which the bypass is to open.', 'Pa'),
    'coldest oil': numberColumn('The coldest that the oil becomes.', 'K'),
    'hottest oil': numberColumn('The hottest that the oil becomes.', 'K'),
    'greatest height': numberColumn('Room for a can in height.', 'm'),
    'greatest diameter': numberColumn('Room for a can across.', 'm'),
    'gasket land': numberColumn('Outer diameter of the land that the gasket lies on.', 'm'),
    mounting: keyColumn('How its filter is mounted.', ['', ...keysOf(mountings)]),
    'size class': keyColumn('Class of the filters that fit it.', ['', ...keysOf(sizeClasses)]),
    trouble: keyColumn('What the engine is known for.', ['', ...keysOf(engineTroubles)]),
    'service intervals': objectColumn('The manual’s intervals by duty: m, months, engine hours.', serviceIntervals),
    'as typed': asTyped,
  },
} satisfies Table

export const productsTable = {
  name: 'products',
  title: 'Products',
  description: 'Filters as they are sold.',
  primaryKey: ['application', 'brand', 'part number'],
  foreignKeys: [{ fields: ['application'], table: 'applications' }],
  columns: {
    ...productColumns,
    form: keyColumn('Spin-on or cartridge.', filterForms),
    tier: keyColumn('Where it stands in its brand’s range.', ['low', 'middle', 'top', 'engine']),
    'short name': textColumn('What it is called for short, alone in its line-up.', 24),
  },
} satisfies Table

const revisionsTable = {
  name: 'revisions',
  title: 'Revisions',
  description: 'Makes of a product that differ, with who made them.',
  columns: {
    ...revisionColumns,
    maker: textColumn('Who made it.', 80),
    'maker is known by': keyColumn('How that is known.', ['', 'printed', 'told', 'guessed']),
  },
} satisfies Table

export const specimensTable = {
  name: 'specimens',
  title: 'Specimens',
  description: 'Filters that were cut open, one by one.',
  columns: {
    ...specimenColumns,
    acquisition: keyColumn('How it came to the reviewer.', ['bought', 'given']),
    'given by': textColumn('Who gave it.', 80),
    'on loan': flagColumn('Whether it goes back.'),
    condition: keyColumn('In what state it came to the bench.', keysOf(specimenConditions)),
    service: objectColumn(
      'How long it served, or lay: m, months, engine hours; null for nothing.',
      interval.nullable(),
    ),
    paid: wholeColumn('What was paid, in the smallest unit of the currency.', 0, 1e9),
    currency: keyColumn('ISO 4217.', ['', ...currencyCodes]),
    'recording plan': objectColumn(
      'What was to be recorded where it departs from the catalogue.',
      z.record(z.string().max(60), z.boolean()),
    ),
    'as typed': asTyped,
  },
} satisfies Table

const instrumentsTable = {
  name: 'instruments',
  title: 'Instruments',
  description: 'What readings were taken with, as far as their uncertainty goes by it.',
  primaryKey: ['instrument'],
  columns: {
    instrument: nameColumn('Its name.', 60),
    kind: keyColumn('What it is.', Object.keys(instrumentKinds) as InstrumentKind[]),
    resolution: numberColumn('The least that it shows, in the SI unit of its kind.'),
    accuracy: numberColumn('How far it may be off by its maker, ± in the SI unit of its kind.'),
    'as typed': asTyped,
  },
} satisfies Table

export const claimsTable = {
  name: 'claims',
  title: 'Claims',
  description: 'What makers say, word for word. These are not measured.',
  columns: {
    ...revisionColumns,
    kind: keyColumn('What it is about.', keysOf(claimKinds)),
    words: nameColumn('Word for word.', 1000),
    place: keyColumn('Where it was read.', keysOf(claimPlaces)),
    'read on': dayColumn('When it was read.'),
    parts: objectColumn('What of it can be compared, SI: shares from 0 to 1, m, kg, Pa, K, m³/s.', claimParts),
    'as typed': asTyped,
  },
} satisfies Table

const pricesTable = {
  name: 'prices',
  title: 'Prices',
  description: 'Prices as shops asked them; amounts in the smallest unit of the currency.',
  columns: {
    ...revisionColumns,
    shop: nameColumn('Where; a shop that is kept private is not named.', 80),
    'seen on': dayColumn('When.'),
    currency: keyColumn('ISO 4217.', currencyCodes),
    price: wholeColumn('Of a pack.', 0, 1e9),
    'filters in a pack': wholeColumn('How many.', 1, 1000),
    'pack content': keyColumn('Whether a pack holds the same as the single box.', ['', 'same', 'differs']),
    subscription: numberColumn('Share that is taken off for a subscription, 0 to 1.'),
    freight: objectColumn('What bringing an order costs.', freight),
    extras: textColumn('What comes along with each.', 80),
    'worth of extras': wholeColumn('What that would cost alone.', 0, 1e9),
  },
} satisfies Table

const relation = z
  .object({ scale: z.enum(['difference', 'ratio']), low: amount.nullable(), high: amount.nullable() })
  .refine(
    ({ scale, low, high }) => scale === 'difference' || [low, high].every((bound) => bound === null || bound >= 0),
  )

const named = nameColumn('Key of the characteristic or figure.', 60)
const comparedColumn = {
  ...named,
  read: named.read.refine(
    (key) => (findCharacteristic(key) ?? findFigure(key)) !== undefined,
    'is nothing that is compared',
  ),
}

const comparisonsTable = {
  name: 'comparisons',
  title: 'Comparisons',
  description: 'What was said of one specimen beside another, where neither was measured.',
  columns: {
    ...specimenColumns,
    'other brand': nameColumn('Brand of the one beside it, of the same engine.', 80),
    'other part number': nameColumn('Its part number.', 60),
    'other revision': textColumn('Its revision.', 60),
    'other specimen': nameColumn('Its label.', 20),
    of: comparedColumn,
    relation: objectColumn('By how much it differs, SI, or how many times as much it is: from low to high.', relation),
    evidence: keyColumn('On what it rests.', evidenceKeys),
    said: textColumn('In these words.', 200),
  },
} satisfies Table

/** The tables that come back, in the order in which they are written. */
export const libraryTables = {
  applications: applicationsTable,
  products: productsTable,
  revisions: revisionsTable,
  specimens: specimensTable,
  instruments: instrumentsTable,
  claims: claimsTable,
  prices: pricesTable,
  comparisons: comparisonsTable,
}

export type LibraryTable = keyof typeof libraryTables

/** Rows of a library as a package brings them. */
export type PackagedLibrary = { [K in LibraryTable]: RowOf<(typeof libraryTables)[K]>[] }
