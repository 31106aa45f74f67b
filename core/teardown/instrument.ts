import { sum } from 'simple-statistics'
import { daysBetween } from '#core/calendar.ts'
import type { Characteristic } from '#core/catalogue/index.ts'
import { parseQuantity } from '#core/quantity/parse.ts'
import { rectangular, type RepeatPrior } from '#core/quantity/repeats.ts'
import { plus, uncertain, type Uncertain } from '#core/quantity/uncertain.ts'
import { ok, problem, type Result } from '#core/result.ts'
import type { EntryValue } from './entry.ts'

/** What a reading is taken with. Resolution and accuracy in SI; accuracy is the maker's ± limit. */
export interface Instrument {
  id: string
  name: string
  kind: InstrumentKind
  resolution: number
  accuracy: number
  /** How steady a hand is with it, by what was measured; from studies of repeats. */
  ownRepeats?: readonly OwnRepeats[]
}

/** Scatter of repeats that were taken on purpose, handling and rounding together, SI. */
export interface OwnRepeats {
  characteristic: string
  deviation: number
  degrees: number
}

export type InstrumentKind = 'caliper' | 'micrometer' | 'tape' | 'scale' | 'gauge'

export const instrumentKinds: Record<
  InstrumentKind,
  {
    label: string
    dimension: 'length' | 'mass' | 'pressure'
    /** The first is its usual one. */
    units: readonly [string, ...string[]]
    /**
     * Standard deviation of one hand from one reading to the next, SI, beside the rounding. Common practice, no
     * published source.
     */
    handling: number
    /** Reading at which its error of scale is as large as its error at zero, SI. Common practice. */
    fullScale: number
  }
> = {
  caliper: { label: 'Caliper', dimension: 'length', units: ['mm', 'in', 'thou'], handling: 0.00001, fullScale: 0.15 },
  micrometer: {
    label: 'Micrometer',
    dimension: 'length',
    units: ['mm', 'in', 'thou'],
    handling: 0.000003,
    fullScale: 0.025,
  },
  tape: { label: 'Tape or rule', dimension: 'length', units: ['mm', 'cm', 'in'], handling: 0.0005, fullScale: 3 },
  scale: { label: 'Scale', dimension: 'mass', units: ['g', 'oz'], handling: 0.00005, fullScale: 0.5 },
  gauge: {
    label: 'Pressure gauge',
    dimension: 'pressure',
    units: ['bar', 'psi', 'kPa'],
    handling: 3000,
    fullScale: 1e6,
  },
}

/**
 * Instruments assumed when a reading names none: a shop caliper, a micrometer, a steel tape, a kitchen
 * or lab scale. Common practice, no published source.
 */
export const assumedInstruments: Record<InstrumentKind, Instrument> = {
  caliper: { id: 'assumed-caliper', name: 'Caliper, assumed', kind: 'caliper', resolution: 0.00001, accuracy: 0.00003 },
  micrometer: {
    id: 'assumed-micrometer',
    name: 'Micrometer, assumed',
    kind: 'micrometer',
    resolution: 0.00001,
    accuracy: 0.000004,
  },
  tape: { id: 'assumed-tape', name: 'Tape, assumed', kind: 'tape', resolution: 0.001, accuracy: 0.001 },
  scale: { id: 'assumed-scale', name: 'Scale, assumed', kind: 'scale', resolution: 0.0001, accuracy: 0.0003 },
  gauge: { id: 'assumed-gauge', name: 'Pressure gauge, assumed', kind: 'gauge', resolution: 5000, accuracy: 10_000 },
}

/**
 * What an instrument adds to each reading that is taken with it, whoever takes it: its error at zero and its error of
 * scale, each within the maker's limit, taken as normal.
 *
 * Source: GUM, 4.3.7 for the limit and 5.2 for what is shared; the split is common practice, no published source.
 *
 * @param instrument it was read with
 * @param reading what it was read at, SI
 * @param source name under which readings share it
 * @example instrumentError(caliper, 0.15, 'own').budget.get('own') // => 0.0000173
 */
export function instrumentError({ kind, accuracy }: Instrument, reading: number, source: string): Uncertain {
  const u = rectangular(accuracy)
  const { fullScale } = instrumentKinds[kind]
  return plus(uncertain(0, u, source), uncertain(0, Math.abs(reading / fullScale) * u, `${source}#scale`))
}

/** So much weight has the stated scatter of an instrument against one's own repeats, in degrees of freedom. */
const handlingDegrees = 8

/**
 * Scatter of single readings with an instrument: handling and rounding as stated, pooled with one's own studies of
 * the same characteristic, or of others where there is none of that.
 *
 * Source: pooled variance, GUM 4.2.4.
 *
 * @param instrument it is read with
 * @param characteristic key of what is read
 * @example repeatPrior(caliper, 'can.wall').deviation // => 0.0000104
 */
export function repeatPrior(
  { kind, resolution, ownRepeats = [] }: Pick<Instrument, 'kind' | 'resolution' | 'ownRepeats'>,
  characteristic: string,
): RepeatPrior {
  const same = ownRepeats.filter((one) => one.characteristic === characteristic)
  const own = same.length > 0 ? same : ownRepeats
  const stated = Math.hypot(instrumentKinds[kind].handling, rectangular(resolution / 2))
  const all = [{ deviation: stated, degrees: handlingDegrees }, ...own]
  const degrees = sum(all.map((one) => one.degrees))
  return { deviation: Math.sqrt(sum(all.map((one) => one.degrees * one.deviation ** 2)) / degrees), degrees }
}

const byMicrometer = new Set(['media.thickness', 'can.wall', 'bypass.wire'])

/**
 * The kind of instrument with which a characteristic is usually read.
 *
 * @returns undefined for what is counted, chosen or written
 * @example defaultInstrumentKind(characteristicOf('media.length')) // => 'tape'
 */
export function defaultInstrumentKind(characteristic: Characteristic): InstrumentKind | undefined {
  if (characteristic.kind === 'openings') return 'caliper'
  if (characteristic.kind !== 'quantity') return undefined
  if (
    characteristic.dimension !== 'length' &&
    characteristic.dimension !== 'mass' &&
    characteristic.dimension !== 'pressure'
  )
    return undefined
  if (characteristic.dimension === 'mass') return 'scale'
  if (characteristic.dimension === 'pressure') return 'gauge'
  if (byMicrometer.has(characteristic.key)) return 'micrometer'
  return characteristic.units.includes('m') ? 'tape' : 'caliper'
}

/**
 * The user's instruments that can read a characteristic, the usual kind first; kept order within a kind.
 *
 * @example instrumentsFor(characteristicOf('whole.weight'), [caliper]) // => []
 */
export function instrumentsFor<T extends Pick<Instrument, 'kind'>>(
  characteristic: Characteristic,
  instruments: readonly T[],
): T[] {
  const usual = defaultInstrumentKind(characteristic)
  if (!usual) return []
  const { dimension } = instrumentKinds[usual]
  const able = instruments.filter(({ kind }) => instrumentKinds[kind].dimension === dimension)
  return [...able.filter(({ kind }) => kind === usual), ...able.filter(({ kind }) => kind !== usual)]
}

/**
 * What was read less what the instrument shows at zero. Openings lose it on each of their sizes.
 *
 * @param zero SI; 0.00002 for a caliper that shows 0.02 mm when it is shut
 * @throws nothing; a value that would be zero or less stays as it was read
 * @example subtractZeroOffset({ number: 0.00051 }, 0.00002) // => { number: 0.00049 }
 */
export function subtractZeroOffset(value: EntryValue, zero: number): EntryValue {
  const less = (read: number) => (read > zero ? Number((read - zero).toPrecision(12)) : read)
  return {
    ...value,
    ...(value.number !== undefined && { number: less(value.number) }),
    ...(value.groups && {
      groups: value.groups.map(({ width, length, ...group }) => ({
        ...group,
        ...(width !== undefined && { width: less(width) }),
        ...(length !== undefined && { length: less(length) }),
      })),
    }),
  }
}

/**
 * Reads what an instrument shows at zero, in shop notation, above zero or below.
 *
 * @returns SI
 * @example parseZeroOffset('-0.02 mm', 'caliper') // => { ok: true, value: -0.00002 }
 */
export function parseZeroOffset(text: string, kind: InstrumentKind): Result<number> {
  const { dimension, units } = instrumentKinds[kind]
  const [, sign, rest = ''] = /^\s*([-−+]?)\s*(.*)$/.exec(text) ?? []
  if (rest === '') return problem('empty', 'Say what it shows when it should show zero: 0.02, -0.01, or 0.')
  if (/^0+([.,]0*)?\s*[a-z"]*$/i.test(rest)) return ok(0)
  const parsed = parseQuantity(rest, { dimension, unit: units[0], units, name: 'The zero' })
  if (!parsed.ok) return parsed
  const { si } = parsed.value
  if (!isZeroOffset(si, kind))
    return problem('absurd', `A zero of ${text.trim()} is no offset any more: set the instrument right first.`)
  return ok(sign === '-' || sign === '−' ? -si : si)
}

/** So much a zero may be off, SI: 2 mm, 10 g, 1 bar. Common practice, no published source. */
const largestZeroOffset = { length: 0.002, mass: 0.01, pressure: 1e5 }

/**
 * Whether an instrument of this kind can be off at zero by so much.
 *
 * @param offset SI
 * @param kind of instrument
 * @example isZeroOffset(20_000, 'gauge') // => true
 */
export const isZeroOffset = (offset: number, kind: InstrumentKind): boolean =>
  Math.abs(offset) <= largestZeroOffset[instrumentKinds[kind].dimension]

/** A check of an instrument against a known piece, SI. */
export interface InstrumentCheck {
  /** UTC, ISO 8601. */
  checkedAt: string
  /** What the piece is. */
  referenceValue: number
  /** What the instrument showed. */
  indication: number
}

export type CheckState =
  | { state: 'never' }
  | { state: 'sound' | 'overdue'; days: number }
  /** Off by more than its accuracy and half a step of its resolution. */
  | { state: 'off'; days: number; by: number }

/**
 * How an instrument stands by its last check.
 *
 * @param every days after which a check is overdue; null when it is never to be checked again
 * @param now UTC, ISO 8601
 * @example
 * checkState(caliper, [{ checkedAt: '2026-01-01T00:00:00Z', referenceValue: 0.01, indication: 0.01001 }],
 *   180, '2026-02-01T00:00:00Z')
 * // => { state: 'sound', days: 31 }
 */
export function checkState(
  instrument: Pick<Instrument, 'resolution' | 'accuracy'>,
  checks: readonly InstrumentCheck[],
  every: number | null,
  now: string,
): CheckState {
  const last = [...checks].sort((a, b) => a.checkedAt.localeCompare(b.checkedAt)).at(-1)
  if (!last) return { state: 'never' }
  const days = Math.max(0, daysBetween(last.checkedAt, now))
  const by = last.indication - last.referenceValue
  if (Math.abs(by) > instrument.accuracy + instrument.resolution / 2 + 1e-12) return { state: 'off', days, by }
  return { state: every !== null && days > every ? 'overdue' : 'sound', days }
}
