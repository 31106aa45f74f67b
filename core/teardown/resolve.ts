import {
  evidenceRank,
  findCharacteristic,
  type Characteristic,
  type CountCharacteristic,
  type Evidence,
  type QuantityCharacteristic,
} from '#core/catalogue/index.ts'
import { mean, sampleStandardDeviation } from 'simple-statistics'
import { outlierIndices, reductionByAnotherRepeat, typeAUncertainty, typeBUncertainty } from '#core/quantity/repeats.ts'
import { uncertain, type Uncertain } from '#core/quantity/uncertain.ts'
import { assumedInstruments, defaultInstrumentKind, type Instrument, type InstrumentKind } from './instrument.ts'
import { groupBy } from '#core/group-by.ts'
import type { OpeningGroup } from './openings.ts'
import type { Reading } from './reading.ts'

/** What a characteristic of one specimen is, worked out from its readings. */
export interface ResolvedValue {
  key: string
  specimenId: string
  evidence: Evidence
  /** Quantities, counts and grades. */
  number?: Uncertain
  /** Answers, designations and words. */
  text?: string
  openings?: { groups: OpeningGroup[]; standardUncertainty: number }
  /** Readings the value rests on, oldest first. */
  readings: Reading[]
  /** Ids among them that stand apart from the rest. */
  outliers: string[]
  /** Repeats do not agree about something that cannot be averaged. */
  disagree: boolean
  /** Sample standard deviation of the repeats, SI, from two up. */
  spread?: number
  /** Share of the uncertainty that one more repeat would take away, 0 to 1; from two repeats up. */
  reductionByAnother?: number
}

export type ResolvedValues = ReadonlyMap<string, ResolvedValue>

/**
 * Readings of one specimen as values, by characteristic.
 *
 * Struck readings count for nothing. The best evidence class present wins alone (measured, observed,
 * claimed, inferred), so an inferred value never pulls at a measured one. Repeats of a quantity are
 * averaged, each with the uncertainty of its own instrument. Repeats of a count that differ are settled by the
 * majority, else by the latest, and
 * flagged. Of answers, words and grades the latest holds.
 *
 * Uncertainty: type A from repeats, type B from the instrument and from what the part gives in the hand
 * (rectangular); a count is exact when its repeats
 * agree and otherwise uncertain by half their range (rectangular); a count to the half turn is known to
 * a quarter.
 *
 * @param readings of one specimen, oldest first
 * @param instruments by id; a reading that names none, or one not listed, is taken with the assumed one
 * @example resolve(readings({ 'can.wall': ['0.49 mm', '0.50 mm'] })).get('can.wall')?.number?.value // => 0.000495
 */
export function resolve(
  readings: readonly Reading[],
  instruments: ReadonlyMap<string, Instrument> = new Map(),
): ResolvedValues {
  const standing = readings.filter(({ voided }) => !voided)
  const values = new Map<string, ResolvedValue>()
  for (const [key, all] of groupBy(standing, ({ characteristic }) => characteristic)) {
    const characteristic = findCharacteristic(key)
    const rank = Math.min(...all.map(({ evidence }) => evidenceRank(evidence)))
    const [first, ...others] = all.filter(({ evidence }) => evidenceRank(evidence) === rank)
    if (!characteristic || !first) continue
    values.set(key, {
      key,
      specimenId: first.specimenId,
      evidence: first.evidence,
      readings: [first, ...others],
      outliers: [],
      disagree: false,
      ...resolveCharacteristic(characteristic, [first, ...others], instruments),
    })
  }
  return values
}

type Resolution = Pick<ResolvedValue, 'number' | 'text' | 'openings'> &
  Partial<Pick<ResolvedValue, 'outliers' | 'disagree' | 'spread' | 'reductionByAnother'>>

function resolveCharacteristic(
  characteristic: Characteristic,
  used: readonly [Reading, ...Reading[]],
  instruments: ReadonlyMap<string, Instrument>,
): Resolution {
  const latest = used.at(-1) ?? used[0]
  switch (characteristic.kind) {
    case 'quantity':
      return resolveQuantity(characteristic, used, instruments)
    case 'count':
      return resolveCount(characteristic, used)
    case 'grade': {
      const grade = numberOf(latest)
      return {
        number: uncertain(grade, 0, sourceOf(latest)),
        disagree: used.some((reading) => numberOf(reading) !== grade),
      }
    }
    case 'openings':
      return {
        openings: {
          groups: latest.valueGroups ?? [],
          standardUncertainty: typeBUncertainty(instrumentOf(latest, 'caliper', instruments)),
        },
        disagree: used.some(({ valueGroups }) => JSON.stringify(valueGroups) !== JSON.stringify(latest.valueGroups)),
      }
    default:
      return { text: latest.valueText ?? '', disagree: used.some(({ valueText }) => valueText !== latest.valueText) }
  }
}

const sourceOf = ({ specimenId, characteristic }: Reading): string => `${specimenId}/${characteristic}`

/** The number that a reading of a quantity, a count or a grade holds. */
function numberOf({ id, valueNumber }: Reading): number {
  if (valueNumber === null) throw new Error(`The reading "${id}" holds no number`)
  return valueNumber
}

const instrumentOf = (
  { instrumentId }: Reading,
  kind: InstrumentKind,
  instruments: ReadonlyMap<string, Instrument>,
): Instrument => instruments.get(instrumentId ?? '') ?? assumedInstruments[kind]

function resolveQuantity(
  characteristic: QuantityCharacteristic,
  used: readonly [Reading, ...Reading[]],
  instruments: ReadonlyMap<string, Instrument>,
): Resolution {
  const values = used.map(numberOf)
  const kind = defaultInstrumentKind(characteristic) ?? 'caliper'
  const taken = used.map((reading) => instrumentOf(reading, kind, instruments))
  const unrepeatable = Math.hypot(
    instrumentUncertainty(taken),
    (characteristic.definitionalUncertainty ?? 0) / Math.sqrt(3),
  )
  return {
    number: uncertain(mean(values), Math.hypot(typeAUncertainty(values), unrepeatable), sourceOf(used[0])),
    outliers: outlierIndices(values).flatMap((index) => used[index]?.id ?? []),
    ...(values.length > 1 && {
      spread: sampleStandardDeviation(values),
      reductionByAnother: reductionByAnotherRepeat(values, unrepeatable),
    }),
  }
}

/**
 * Type B standard uncertainty of a mean of readings, each with its own instrument: what one instrument adds is
 * the same in all its readings, what two add is independent.
 */
function instrumentUncertainty(taken: readonly Instrument[]): number {
  const shares = new Map<Instrument, number>()
  for (const instrument of taken) shares.set(instrument, (shares.get(instrument) ?? 0) + 1 / taken.length)
  return Math.hypot(...[...shares].map(([instrument, share]) => share * typeBUncertainty(instrument)))
}

/** Half of a turn is seen, a quarter is not; whole things are counted exactly. */
const leastHalfWidth = { 0.5: 0.25, 1: 0 } as const

function resolveCount({ step }: CountCharacteristic, used: readonly [Reading, ...Reading[]]): Resolution {
  const values = used.map(numberOf)
  const value = majority(values) ?? numberOf(used.at(-1) ?? used[0])
  const range = Math.max(...values) - Math.min(...values)
  const halfWidth = Math.max(range / 2, leastHalfWidth[step])
  return { number: uncertain(value, halfWidth / Math.sqrt(3), sourceOf(used[0])), disagree: range > 0 }
}

/** The value held by more than half of the repeats, or by most when two agree and none else does. */
function majority(values: number[]): number | undefined {
  const ranked = [...groupBy(values, (value) => value)]
    .map(([value, votes]) => ({ value, votes: votes.length }))
    .sort((a, b) => b.votes - a.votes)
  const [first, second] = ranked
  return first && first.votes > (second?.votes ?? 0) ? first.value : undefined
}
