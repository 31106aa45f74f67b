import type { Characteristic } from '#core/catalogue/index.ts'

/** What a reading is taken with. Resolution and accuracy in SI; accuracy is the maker's ± limit. */
export interface Instrument {
  id: string
  name: string
  kind: InstrumentKind
  resolution: number
  accuracy: number
}

export type InstrumentKind = 'caliper' | 'micrometer' | 'tape' | 'scale' | 'gauge'

/**
 * Instruments assumed when a reading names none: a shop caliper, a micrometer, a steel tape, a kitchen
 * or lab scale. Common practice, no published source.
 */
export const assumedInstruments: Record<InstrumentKind, Instrument> = {
  caliper: { id: 'assumed-caliper', name: 'Caliper, assumed', kind: 'caliper', resolution: 0.00001, accuracy: 0.00003 },
  micrometer: { id: 'assumed-micrometer', name: 'Micrometer, assumed', kind: 'micrometer', resolution: 0.00001, accuracy: 0.000004 },
  tape: { id: 'assumed-tape', name: 'Tape, assumed', kind: 'tape', resolution: 0.001, accuracy: 0.001 },
  scale: { id: 'assumed-scale', name: 'Scale, assumed', kind: 'scale', resolution: 0.0001, accuracy: 0.0003 },
  gauge: { id: 'assumed-gauge', name: 'Pressure gauge, assumed', kind: 'gauge', resolution: 5000, accuracy: 10_000 },
}

const byMicrometer = new Set(['media.thickness', 'can.wall', 'bypass.wire'])

/**
 * The kind of instrument with which a characteristic is usually read.
 *
 * @returns undefined for what is counted, chosen or written
 * @example usualInstrument(characteristicOf('media.length')) // => 'tape'
 */
export function usualInstrument(characteristic: Characteristic): InstrumentKind | undefined {
  if (characteristic.kind === 'openings') return 'caliper'
  if (characteristic.kind !== 'quantity') return undefined
  if (characteristic.dimension === 'mass') return 'scale'
  if (characteristic.dimension === 'pressure') return 'gauge'
  if (byMicrometer.has(characteristic.key)) return 'micrometer'
  return characteristic.units.includes('m') ? 'tape' : 'caliper'
}
