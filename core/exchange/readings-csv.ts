import { z } from 'zod'
import { problem, type Result } from '#core/result.ts'
import { characteristicOf, evidences, findCharacteristic, type Evidence, type Form } from '#core/catalogue/index.ts'
import { units } from '#core/quantity/units.ts'
import { readEntry, type EntryValue } from '#core/teardown/entry.ts'
import type { Reading } from '#core/teardown/reading.ts'

/** Which specimen a reading is of, by names. */
export interface SpecimenPath {
  application: string
  brand: string
  partNumber: string
  revision: string
  form: Form
  specimen: string
}

/** Columns of the tidy form, one row a reading; the last two may be left out on the way in. */
export const readingColumns = [
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
  'read in',
  'source',
] as const

export type ReadingRow = Record<(typeof readingColumns)[number], string>

const required = readingColumns.slice(0, 15)

/** SI unit of a characteristic: what the column `value` is in. */
function siUnit(key: string): string {
  const characteristic = characteristicOf(key)
  if (characteristic.kind === 'openings') return 'm'
  return characteristic.kind === 'quantity'
    ? units.find(({ dimension }) => dimension === characteristic.dimension)!.symbol
    : ''
}

/**
 * A reading as a row of the tidy CSV.
 *
 * @param path names of its specimen
 * @example readingRow(path, wall).value // => '0.00049'
 */
export function readingRow(
  { application, brand, partNumber, revision, form, specimen }: SpecimenPath,
  reading: Reading,
): ReadingRow {
  const { groups, number, text } = reading
  const value = groups
    ? groups
        .map(({ count, width, length }) => [count, width, ...(length === undefined ? [] : [length])].join(' x '))
        .join('; ')
    : (number?.toString() ?? text ?? '')
  return {
    application,
    brand,
    'part number': partNumber,
    revision,
    form,
    specimen,
    characteristic: reading.characteristic,
    'as typed': reading.typed,
    value,
    'SI unit': siUnit(reading.characteristic),
    instrument: reading.instrument ?? '',
    evidence: reading.evidence,
    time: reading.at,
    struck: reading.struck?.at ?? '',
    note: reading.note ?? '',
    'read in': reading.unit ?? '',
    source: reading.source ?? '',
  }
}

export interface ImportedReading {
  path: SpecimenPath
  characteristic: string
  typed: string
  value: EntryValue
  unit: string | null
  evidence: Evidence
  instrument: string | null
  at: string
  struck: string | null
  note: string | null
  source: string | null
}

const name = (column: string, most: number) =>
  z
    .string({ error: `The column "${column}" is missing.` })
    .trim()
    .min(1, `"${column}" is empty.`)
    .max(most, `"${column}" is longer than ${most} characters.`)
const open = (column: string, most: number) =>
  z.string().trim().max(most, `"${column}" is longer than ${most} characters.`).default('')

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
  evidence: z.enum(evidences.map(({ key }) => key) as [Evidence, ...Evidence[]], {
    error: '"evidence" is measured, observed, claimed or inferred.',
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
})

/**
 * Columns that a file must have and has not.
 *
 * @example missingColumns(['application']) // => ['brand', …]
 */
export const missingColumns = (present: readonly string[]): string[] =>
  required.filter((column) => !present.includes(column))

/**
 * A row of the tidy CSV as a reading: the value is read again by the rules of the bench, so that nothing
 * enters that could not have been typed.
 *
 * @returns the reading, or what is wrong with the row
 * @example parseReadingRow(row).ok // => true
 */
export function parseReadingRow(row: unknown): Result<ImportedReading> {
  const parsed = rowSchema.safeParse(row)
  if (!parsed.success) return problem('row', parsed.error.issues[0]!.message)
  const {
    application,
    brand,
    revision,
    form,
    specimen,
    evidence,
    time,
    struck,
    note,
    source,
    instrument,
    value,
    ...rest
  } = parsed.data

  const characteristic = findCharacteristic(rest.characteristic)
  if (!characteristic) return problem('characteristic', `There is no characteristic "${rest.characteristic}".`)
  if (!characteristic.forms.includes(form))
    return problem('form', `A ${form} filter has no ${characteristic.label.toLowerCase()}.`)
  const si = siUnit(characteristic.key)
  if (rest['SI unit'] !== si)
    return problem(
      'unit',
      `The value of ${characteristic.label.toLowerCase()} is in ${si || 'no unit'}, not in "${rest['SI unit']}".`,
    )
  const entry = readEntry(characteristic, {
    text: characteristic.kind === 'quantity' ? `${plain(value)} ${si}` : value,
    insist: true,
    ...(si && { unit: si }),
  })
  if (!entry.ok) return entry
  return {
    ok: true,
    value: {
      path: { application, brand, partNumber: rest['part number'], revision, form, specimen },
      characteristic: characteristic.key,
      typed: rest['as typed'] || value,
      value: entry.value,
      unit: rest['read in'] || null,
      evidence,
      instrument: instrument || null,
      at: time,
      struck: struck || null,
      note: note || null,
      source: source || null,
    },
  }
}

/** A number with an exponent, as other programs write small ones, written out. */
const plain = (text: string): string => (/^[+-]?[\d.]+e[+-]?\d+$/i.test(text) ? Number(text).toFixed(12) : text)

/**
 * What makes two rows the same act: specimen, characteristic, time and typed text.
 *
 * @example sameAct(a) === sameAct(b) // => true when b is a again
 */
export const sameAct = ({
  characteristic,
  at,
  typed,
}: Pick<ImportedReading, 'characteristic' | 'at' | 'typed'>): string =>
  `${characteristic}\n${new Date(at).toISOString()}\n${typed}`

/**
 * A path as one string, for looking specimens up.
 *
 * @example pathKey(path)
 */
export const pathKey = ({ application, brand, partNumber, revision, specimen }: Omit<SpecimenPath, 'form'>): string =>
  [application, brand, partNumber, revision, specimen].join('\n').toLowerCase()
