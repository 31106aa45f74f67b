import type { Characteristic, Evidence } from '#core/catalogue/index.ts'
import type { OpeningGroup } from './openings.ts'

/** One act of recording. Never changed but for being struck. */
export interface Reading {
  id: string
  specimen: string
  characteristic: string
  /** Exactly what was typed or chosen. */
  typed: string
  /** Unit it was read in. */
  unit: string | null
  /** SI value, count or grade. */
  number: number | null
  /** Answer, designation or words. */
  text: string | null
  groups: OpeningGroup[] | null
  evidence: Evidence
  instrument: string | null
  /** Zero offset of the instrument, SI, that was taken off what it showed. */
  zero: number | null
  /** Where a claimed value was read. */
  source: string | null
  note: string | null
  /** UTC, ISO 8601. */
  at: string
  struck: { at: string; why: string | null } | null
}

/** Quantities that only the maker can state. */
const claims = new Set(['bypass.printed', 'box.capacity'])

/**
 * The evidence a reading of this characteristic has when nothing else is said.
 *
 * @example usualEvidence(characteristicOf('can.wall')) // => 'measured'
 */
export function usualEvidence(characteristic: Characteristic): Evidence {
  if (claims.has(characteristic.key)) return 'claimed'
  return characteristic.kind === 'quantity' || characteristic.kind === 'openings' ? 'measured' : 'observed'
}
