import { plainText } from '#core/plain-text.ts'
import { foldName } from '#core/fold-name.ts'
import { z } from 'zod'
import { ok, problem, type Result } from '#core/result.ts'
import {
  characteristicOf,
  currentKey,
  evidenceKeys,
  findCharacteristic,
  type Characteristic,
  type CountCharacteristic,
  type FilterForm,
} from '#core/catalogue/index.ts'
import { formatList } from '#core/quantity/format-list.ts'
import { clip } from '#core/quantity/number.ts'
import { checkPlausible } from '#core/quantity/plausible.ts'
import { siSymbolOf } from '#core/quantity/units.ts'
import { ends, problemOfEnd } from '#core/teardown/end.ts'
import { parseEntry, type EntryValue } from '#core/teardown/entry.ts'
import { sizedGroups, writeOpenings, type OpeningGroup } from '#core/teardown/opening-groups.ts'
import type { Reading } from '#core/teardown/reading.ts'
import { unescapeFormula } from './csv.ts'

/** Which specimen a reading is of, by names. */
export interface SpecimenPath {
  application: string
  brand: string
  partNumber: string
  revision: string
  form: FilterForm
  specimen: string
}

const requiredColumns = [
  'application',
  'brand',
  'part number',
  'revision',
  'form',
  'specimen',
  'characteristic',
  'as typed',
  'value',
  'SI unit',
  'instrument',
  'evidence',
  'time',
  'struck',
  'note',
] as const

const optionalColumns = ['read in', 'source', 'zero offset', 'struck because', 'give or take', 'end'] as const

/** Columns of the tidy form, one row a reading; the last six may be left out on the way in. */
export const readingColumns = [...requiredColumns, ...optionalColumns] as const

export type ReadingCsvRow = Record<(typeof readingColumns)[number], string>

/** SI unit of a characteristic: what the column `value` is in. */
function siUnit(key: string): string {
  const characteristic = characteristicOf(key)
  if (characteristic.kind === 'openings') return 'm'
  return characteristic.kind === 'quantity' ? siSymbolOf(characteristic.dimension) : ''
}

/**
 * A reading as a row of the tidy CSV.
 *
 * @param path names of its specimen
 * @param reading as it is kept
 * @param instrument name of its instrument; empty when none was named
 * @example readingRow(path, readings({ 'can.wall': '0.49 mm' })[0], '').value // => '0.00049'
 */
export function readingRow(path: SpecimenPath, reading: Reading, instrument: string): ReadingCsvRow {
  const { valueGroups, valueNumber, valueText, voided } = reading
  return {
    application: path.application,
    brand: path.brand,
    'part number': path.partNumber,
    revision: path.revision,
    form: path.form,
    specimen: path.specimen,
    characteristic: reading.characteristic,
    'as typed': reading.rawInput,
    value: valueGroups ? groupsText(valueGroups) : (valueNumber?.toString() ?? valueText ?? ''),
    'SI unit': siUnit(reading.characteristic),
    instrument,
    evidence: reading.evidence,
    time: reading.recordedAt,
    struck: voided?.at ?? '',
    note: reading.note ?? '',
    'read in': reading.unit ?? '',
    source: reading.source ?? '',
    'zero offset': reading.zeroOffset?.toString() ?? '',
    'struck because': voided?.reason ?? '',
    'give or take': reading.valueHalf?.toString() ?? '',
    end: reading.atEnd ?? '',
  }
}

/** Sizes in metres; what was not measured in words. */
export const groupsText = (groups: readonly OpeningGroup[]): string =>
  sizedGroups(groups)
    ?.map(({ count, width, length }) => [count, width, ...(length === undefined ? [] : [length])].join(' x '))
    .join('; ') ?? writeOpenings(groups, String)

/** A reading of a file: its specimen and its instrument are known by their names. */
export interface ImportedReading extends Omit<Reading, 'id' | 'specimenId' | 'instrumentId'> {
  path: SpecimenPath
  /** Empty when none is named. */
  instrument: string
}

const name = (column: string, most: number) =>
  z
    .string({ error: `The column "${column}" is missing.` })
    .trim()
    .min(1, `"${column}" is empty.`)
    .max(most, `"${column}" is longer than ${most} characters.`)
const open = (column: string, most: number) =>
  z.string().overwrite(plainText).trim().max(most, `"${column}" is longer than ${most} characters.`).default('')

const rowSchema = z.object({
  application: name('application', 80),
  brand: name('brand', 80),
  'part number': name('part number', 60),
  revision: open('revision', 60),
  form: z.enum(['spin-on', 'cartridge'], { error: '"form" is spin-on or cartridge.' }),
  specimen: name('specimen', 20),
  characteristic: name('characteristic', 60),
  'as typed': open('as typed', 1000),
  value: name('value', 400),
  'SI unit': open('SI unit', 12),
  instrument: open('instrument', 80),
  evidence: z.enum(evidenceKeys, {
    error: '"evidence" is measured, observed, claimed, inferred or reported.',
  }),
  time: z.iso.datetime({ error: '"time" is no UTC time such as 2026-11-24T09:30:00.000Z.' }),
  struck: z
    .string()
    .default('')
    .refine(
      (text) => text === '' || z.iso.datetime().safeParse(text).success,
      '"struck" is empty or the UTC time of the strike.',
    ),
  note: open('note', 2000),
  'read in': open('read in', 12),
  source: open('source', 200),
  'zero offset': open('zero offset', 40).refine((text) => Number.isFinite(Number(text)), '"zero offset" is no number.'),
  'struck because': open('struck because', 200),
  'give or take': open('give or take', 40).refine(
    (text) => text === '' || Number(text) > 0,
    '"give or take" is empty or a number above zero.',
  ),
  end: z.enum(['', ...ends], { error: `"end" is empty, ${formatList(ends)}.` }).default(''),
})

/**
 * Columns that a file must have and has not.
 *
 * @example missingColumns(['application']) // => ['brand', …]
 */
export const missingColumns = (present: readonly string[]): string[] =>
  requiredColumns.filter((column) => !present.includes(column))

/**
 * A row of the tidy CSV as a reading: the value is read again by the rules of the bench, so that nothing
 * enters that could not have been typed.
 *
 * @returns the reading, or what is wrong with the row
 * @example parseReadingRow(readingRow(path, readings({ 'can.wall': '0.49 mm' })[0], '')).ok // => true
 */
export function parseReadingRow(row: unknown): Result<ImportedReading> {
  const parsed = rowSchema.safeParse(unescapedRow(row))
  if (!parsed.success) return problem('row', parsed.error.issues[0]?.message ?? 'This row cannot be read.')
  const { data } = parsed
  const characteristic = findCharacteristic(currentKey(data.characteristic, data.value))
  if (!characteristic) return problem('characteristic', `There is no characteristic "${data.characteristic}".`)
  const { label, key } = characteristic
  if (!characteristic.forms.includes(data.form))
    return problem('form', `A ${data.form} filter has no ${label.toLowerCase()}.`)
  const si = siUnit(key)
  if (data['SI unit'] !== si)
    return problem('unit', `The value of ${label.toLowerCase()} is in ${si || 'no unit'}, not in "${data['SI unit']}".`)
  if (data['read in'] && !('units' in characteristic && characteristic.units.includes(data['read in'])))
    return problem('unit', `${label} is not read in "${data['read in']}".`)
  const half = data['give or take'] === '' ? null : Number(data['give or take'])
  if (half !== null && characteristic.kind !== 'quantity' && characteristic.kind !== 'count')
    return problem('half', `${label} is no number: it has no "give or take".`)
  const entry =
    half !== null && characteristic.kind === 'count'
      ? roughCount(characteristic, data.value)
      : parseValue(characteristic, data.value, si)
  if (!entry.ok) return entry
  const end = data.end || null
  if (end && !characteristic.atEnds) return problem('end', `${label} has no ends: leave "end" empty.`)
  const noSuchEnd = problemOfEnd(end, data.form)
  if (noSuchEnd) return problem('end', noSuchEnd)
  if (data['struck because'] && !data.struck) return problem('struck', 'It says why it was struck, but not when.')
  return ok({
    path: {
      application: data.application,
      brand: data.brand,
      partNumber: data['part number'],
      revision: data.revision,
      form: data.form,
      specimen: data.specimen,
    },
    characteristic: key,
    rawInput: data['as typed'] || data.value,
    unit: data['read in'] || null,
    valueNumber: entry.value.number ?? null,
    valueHalf: half,
    valueText: entry.value.text ?? null,
    valueGroups: entry.value.groups ?? null,
    atEnd: end,
    evidence: data.evidence,
    instrument: data.instrument,
    zeroOffset: data['zero offset'] === '' ? null : Number(data['zero offset']),
    source: data.source || null,
    note: data.note || null,
    recordedAt: data.time,
    voided: data.struck === '' ? null : { at: data.struck, reason: data['struck because'] || null },
  })
}

/** A row with the formulas in its cells taken out of their apostrophes. */
const unescapedRow = (row: unknown): unknown =>
  typeof row === 'object' && row !== null
    ? Object.fromEntries(
        Object.entries(row).map(([column, cell]) => [column, typeof cell === 'string' ? unescapeFormula(cell) : cell]),
      )
    : row

/** The middle of a count that was only said roughly need not be whole. */
function roughCount({ plausible: [low, high], label }: CountCharacteristic, value: string): Result<EntryValue> {
  const number = Number(value)
  return value !== '' && number >= low / 2 && number <= high * 2
    ? ok({ number })
    : problem('not-a-number', `"${clip(value)}" cannot be a ${label.toLowerCase()}.`)
}

/** A value as the bench would take it; a quantity is a plain number in SI, with an exponent or without. */
function parseValue(characteristic: Characteristic, value: string, si: string): Result<EntryValue> {
  if (characteristic.kind !== 'quantity')
    return parseEntry(characteristic, { text: value, insist: true, ...(si && { unit: si }) })
  const number = Number(value)
  if (value === '' || !Number.isFinite(number))
    return problem('not-a-number', `"${clip(value)}" is not a number in ${si}.`)
  const checked = checkPlausible(
    { si: number, number, unit: si, unitAssumed: false },
    { plausible: characteristic.plausible, name: characteristic.label, units: characteristic.units },
    true,
  )
  return checked.ok ? ok({ number }) : checked
}

/**
 * What makes two readings of a specimen the same act: characteristic, time and typed text.
 *
 * @example readingActKey({ characteristic: 'can.wall', recordedAt: '2026-01-01T00:00:00.000Z', rawInput: '20 thou' })
 * // => 'can.wall\n2026-01-01T00:00:00.000Z\n20 thou'
 */
export const readingActKey = ({
  characteristic,
  recordedAt,
  rawInput,
}: Pick<Reading, 'characteristic' | 'recordedAt' | 'rawInput'>): string =>
  `${characteristic}\n${new Date(recordedAt).toISOString()}\n${rawInput}`

/**
 * A path as one string, for looking specimens up.
 *
 * @example pathKey(path) // => 'skerry 1.1 d\nnorrith\nn-40\n\na'
 */
export const pathKey = ({ application, brand, partNumber, revision, specimen }: Omit<SpecimenPath, 'form'>): string =>
  [application, brand, partNumber, revision, specimen].map(foldName).join('\n')
