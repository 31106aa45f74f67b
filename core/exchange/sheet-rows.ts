import type { FilterForm } from '#core/catalogue/index.ts'
import type { NamedProduct } from '#core/named-product.ts'
import { defaultEvidence, readingOfEntry, type Reading } from '#core/teardown/reading.ts'
import { readingRow, type ReadingCsvRow, type SpecimenPath } from './readings-csv.ts'
import { headingKey, type Heading } from './sheet-heading.ts'
import type { SheetProduct } from './sheet-products.ts'
import { sheetValues, type Sheet, type SheetLayout, type SheetValue } from './sheet-layout.ts'
import { hasDecimalCommas, sheetFate, type SheetFate } from './sheet-readings.ts'

/** How a table is read. */
export interface SheetMapping {
  layout: SheetLayout
  /** By {@link headingKey}. */
  headings: Readonly<Record<string, Heading>>
  /** By the heading of the product. */
  products: Readonly<Record<string, SheetProduct>>
}

/** A product of a line-up with the specimens that take what a table says, the first where none is named. */
export interface SheetTarget extends NamedProduct {
  specimens: readonly { label: string; revision: string }[]
}

/** A value of a table with what becomes of it. */
export interface SheetReading {
  value: SheetValue
  product: SheetProduct | undefined
  fate: SheetFate
}

/**
 * What becomes of every value of a table.
 *
 * @param sheet that was trimmed
 * @param mapping how it is read
 * @param form of the filters
 * @param most values that are looked at
 * @example
 * sheetReadings([['', 'N-40'], ['wall', '0.49']], { layout: 'across', headings: {}, products: {} }, 'spin-on')[0]?.fate
 * // => { state: 'left', reason: 'its product is left away' }
 */
export function sheetReadings(
  sheet: Sheet,
  { layout, headings, products }: SheetMapping,
  form: FilterForm,
  most = Infinity,
): SheetReading[] {
  const isComma = hasDecimalCommas(sheet.slice(0, 200).flat())
  return sheetValues(sheet, layout, headings)
    .slice(0, most)
    .map((value) => {
      const product = products[value.product]
      if (!product || product.isLeft)
        return { value, product, fate: { state: 'left', reason: 'its product is left away' } }
      return { value, product, fate: sheetFate(value, headings, form, isComma) }
    })
}

/** What all readings of a table share. */
export interface SheetOrigin {
  application: string
  form: FilterForm
  /** UTC, ISO 8601. */
  recordedAt: string
}

/**
 * The readings of a table as rows of the tidy form; what is left or refused has none.
 *
 * @param readings with what becomes of each
 * @param targets of the products that are there, by id
 * @param origin what all of them share
 * @example
 * sheetRows([], new Map(), { application: 'Skerry', form: 'spin-on', recordedAt: '2026-01-01T00:00:00.000Z' }) // => []
 */
export const sheetRows = (
  readings: readonly SheetReading[],
  targets: ReadonlyMap<string, SheetTarget>,
  { application, form, recordedAt }: SheetOrigin,
): ReadingCsvRow[] =>
  readings.flatMap(({ product, fate }) => {
    if (!product || fate.state !== 'read') return []
    const { brand, partNumber, specimens = [] } = targets.get(product.id) ?? { ...product, specimens: [] }
    const there = product.specimen === '' ? specimens[0] : specimens.find(({ label }) => label === product.specimen)
    const specimen = there?.label ?? (product.specimen || 'A')
    const revision = there?.revision ?? specimens[0]?.revision ?? ''
    const path: SpecimenPath = { application, brand, partNumber, revision, form, specimen }
    return [readingRow(path, readingOf(fate, recordedAt), '')]
  })

function readingOf({ characteristic, typed, value }: SheetFate & { state: 'read' }, recordedAt: string): Reading {
  return {
    id: '',
    specimenId: '',
    characteristic: characteristic.key,
    rawInput: typed,
    ...readingOfEntry(value),
    evidence: defaultEvidence(characteristic),
    instrumentId: null,
    zeroOffset: null,
    source: null,
    note: null,
    recordedAt,
    voided: null,
  }
}

/**
 * The headings of a table in their order, each once.
 *
 * @param values of the table
 * @example distinctHeadings([]) // => { headings: [], products: [] }
 */
export function distinctHeadings(values: readonly SheetValue[]): { headings: string[]; products: string[] } {
  const headings = new Map(values.map(({ heading }) => [headingKey(heading), heading]))
  return { headings: [...headings.values()], products: [...new Set(values.map(({ product }) => product))] }
}
