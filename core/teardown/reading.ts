import type { Characteristic, Evidence } from '#core/catalogue/index.ts'
import type { End } from './end.ts'
import type { EntryValue } from './entry.ts'
import type { OpeningGroup } from './opening-groups.ts'

/** One act of recording. Never changed but for being struck. */
export interface Reading {
  id: string
  specimenId: string
  characteristic: string
  /** Exactly what was typed or chosen. */
  rawInput: string
  /** Unit it was read in. */
  unit: string | null
  /** SI value, count or grade. */
  valueNumber: number | null
  /** Half of the width that was said of a quantity or count, SI; null where the instrument says how sharp it is. */
  valueHalf: number | null
  /** Answer, designation or words. */
  valueText: string | null
  valueGroups: OpeningGroup[] | null
  /** The end it was read at; null where there is one only, or it is of both. */
  atEnd: End | null
  evidence: Evidence
  instrumentId: string | null
  /** Zero offset of the instrument, SI, that was taken off what it showed. */
  zeroOffset: number | null
  /** Where a claimed value was read. */
  source: string | null
  note: string | null
  /** UTC, ISO 8601. */
  recordedAt: string
  voided: { at: string; reason: string | null } | null
}

/**
 * What a reading says, whatever its kind: one of number, text and groups is set.
 *
 * @param reading as it is kept
 * @example
 * readingValue({ valueNumber: 3, valueHalf: null, valueText: null, valueGroups: null, atEnd: 'dome' }).end // => 'dome'
 */
export const readingValue = ({
  valueNumber,
  valueHalf,
  valueText,
  valueGroups,
  atEnd,
}: Pick<Reading, 'valueNumber' | 'valueHalf' | 'valueText' | 'valueGroups' | 'atEnd'>) => ({
  number: valueNumber,
  half: valueHalf,
  text: valueText,
  groups: valueGroups,
  end: atEnd,
})

/** Quantities that only the maker can state. */
const claims = new Set([
  'bypass.printed',
  'box.capacity',
  'gasket.coldest',
  'gasket.hottest',
  'adbv.coldest',
  'adbv.hottest',
])

/**
 * The evidence a reading of this characteristic has when nothing else is said.
 *
 * @example defaultEvidence(characteristicOf('can.wall')) // => 'measured'
 */
export function defaultEvidence(characteristic: Characteristic): Evidence {
  if (claims.has(characteristic.key)) return 'claimed'
  return characteristic.kind === 'quantity' || characteristic.kind === 'openings' ? 'measured' : 'observed'
}

/**
 * What an entry puts into a reading: its value, and the unit that it was read in.
 *
 * @param value as it was read
 * @example readingOfEntry({ number: 0.00051, unit: 'mm' })
 * // => { unit: 'mm', valueNumber: 0.00051, valueHalf: null, valueText: null, valueGroups: null, atEnd: null }
 */
export const readingOfEntry = ({
  number,
  half,
  text,
  groups,
  unit,
  end,
}: EntryValue): Pick<Reading, 'unit' | 'valueNumber' | 'valueHalf' | 'valueText' | 'valueGroups' | 'atEnd'> => ({
  unit: unit ?? null,
  valueNumber: number ?? null,
  valueHalf: half ?? null,
  valueText: text ?? null,
  valueGroups: groups ?? null,
  atEnd: end ?? null,
})
