import type { CountCharacteristic, QuantityCharacteristic } from '#core/catalogue/index.ts'
import { groupBy } from '#core/group-by.ts'
import { mean, sampleStandardDeviation } from 'simple-statistics'
import {
  outlierIndices,
  pooledUncertainty,
  rectangular,
  reductionByAnotherRepeat,
  type RepeatPrior,
} from '#core/quantity/repeats.ts'
import {
  plus,
  roundingSource,
  scaled,
  standardUncertainty,
  total,
  uncertain,
  type Uncertain,
} from '#core/quantity/uncertain.ts'
import {
  assumedInstruments,
  defaultInstrumentKind,
  instrumentError,
  repeatPrior,
  type Instrument,
  type InstrumentKind,
} from './instrument.ts'
import type { Reading } from './reading.ts'
import type { Resolution } from './resolved-value.ts'
import { mergeOpenings } from './said-openings.ts'

/**
 * What readings of a quantity or count come to.
 *
 * What was told as such is known to its stated allowance; what was only said roughly counts while nothing was read
 * sharply; else the sharp ones are averaged, or the majority holds.
 *
 * @param characteristic a quantity or count
 * @param used its readings, oldest first
 * @param instruments by id
 * @example resolveNumber(characteristicOf('pleats.count'), readings({ 'pleats.count': '55' }), new Map()).number?.value
 * // => 55
 */
export function resolveNumber(
  characteristic: QuantityCharacteristic | CountCharacteristic,
  used: readonly [Reading, ...Reading[]],
  instruments: ReadonlyMap<string, Instrument>,
): Resolution {
  const [first, ...others] = used.filter(({ valueHalf }) => !valueHalf)
  if (characteristic.kind === 'quantity' && characteristic.allowance !== undefined)
    return resolveTold(characteristic.allowance, used)
  if (!first) return resolveCoarse(used)
  return characteristic.kind === 'quantity'
    ? resolveQuantity(characteristic, [first, ...others], instruments)
    : resolveCount(characteristic, [first, ...others])
}

/** A step of a scale is known to half of itself. */
const halfAStep = 0.5

/**
 * What a grade comes to: it is known to half a step, and to what the reviewer's own scatter is.
 *
 * @param reading that stands
 * @param deviation by which the reviewer's own grades scatter, in steps
 * @example resolveGrade(readings({ 'glue.grade': '3' })[0], 0).number.value // => 3
 */
export function resolveGrade(reading: Reading, deviation: number): { number: Uncertain } {
  const doubt = Math.hypot(rectangular(halfAStep), deviation)
  return { number: uncertain(numberOf(reading), doubt, `${sourceOf(reading)}${roundingSource}`) }
}

/**
 * What readings of openings come to: later ones say more of the same groups.
 *
 * @param key of the characteristic
 * @param used its readings, oldest first
 * @param instruments by id
 * @example
 * resolveOpenings('plate.inlets', readings({ 'plate.inlets': '8 x 5.8 mm' }), new Map()).openings?.groups[0]?.count
 * // => 8
 */
export function resolveOpenings(
  key: string,
  used: readonly [Reading, ...Reading[]],
  instruments: ReadonlyMap<string, Instrument>,
): Resolution {
  const [first, ...others] = used.map(({ valueGroups }) => valueGroups ?? [])
  const { groups, agree } = others.reduce(
    (merged, after) => {
      const next = mergeOpenings(merged.groups, after)
      return { groups: next.groups, agree: merged.agree && next.agree }
    },
    { groups: first ?? [], agree: true },
  )
  const latest = used.at(-1) ?? used[0]
  const instrument = instrumentOf(latest, 'caliper', instruments)
  return {
    openings: {
      groups,
      standardUncertainty: repeatPrior(instrument, key).deviation,
      instrumentError: instrumentError(instrument, groups[0]?.width ?? 0, instrumentSource(instrument, latest)),
    },
    disagree: !agree,
  }
}

/**
 * Name of what an instrument adds. All readings with an instrument of one's own share it; of one that is not named,
 * those of one specimen, since nobody says that the next was read with the same.
 */
const instrumentSource = ({ id }: Instrument, { instrumentId, specimenId }: Reading): string =>
  `instrument:${id}${id === instrumentId ? '' : `:${specimenId}`}`

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

/**
 * Readings that were only said roughly: each is even over its width, and counts by how narrow it is. They count as long
 * as there is none that was read sharply.
 */
function resolveCoarse(used: readonly [Reading, ...Reading[]]): Resolution {
  const weights = used.map(({ valueHalf }) => 1 / rectangular(valueHalf ?? 0) ** 2)
  const whole = weights.reduce((sum, weight) => sum + weight, 0)
  const value = used.reduce((sum, reading, at) => sum + numberOf(reading) * (weights[at] ?? 0), 0) / whole
  return { number: uncertain(value, 1 / Math.sqrt(whole), `${sourceOf(used[0])}#said`) }
}

/**
 * A figure that was told as such: the mean of what was said, with what it may be off by and the width it was said
 * with.
 */
function resolveTold(allowance: number, used: readonly [Reading, ...Reading[]]): Resolution {
  const value = mean(used.map(numberOf))
  const halves = used.map(({ valueHalf }) => Math.hypot(rectangular(allowance * value), rectangular(valueHalf ?? 0)))
  return { number: uncertain(value, Math.min(...halves), `${sourceOf(used[0])}#told`) }
}

function resolveQuantity(
  characteristic: QuantityCharacteristic,
  used: readonly [Reading, ...Reading[]],
  instruments: ReadonlyMap<string, Instrument>,
): Resolution {
  const values = used.map(numberOf)
  const kind = defaultInstrumentKind(characteristic) ?? 'caliper'
  const taken = used.map((reading) => instrumentOf(reading, kind, instruments))
  const value = mean(values)
  const [first] = used
  const errors = used.map((reading, index) => {
    const instrument = taken[index] ?? assumedInstruments[kind]
    return instrumentError(instrument, value, instrumentSource(instrument, reading))
  })
  const definition = uncertain(
    0,
    rectangular(characteristic.definitionalUncertainty ?? 0),
    `${sourceOf(first)}#definition`,
  )
  const unrepeatable = plus(scaled(total(errors), 1 / values.length), definition)
  const prior = meanPrior(taken, characteristic.key)
  const { u, degrees } = pooledUncertainty(values, prior)
  const rounding = rectangular(Math.min(...taken.map(({ resolution }) => resolution)) / 2)
  return {
    number: plus(uncertain(value, Math.max(u, rounding), sourceOf(first), degrees), unrepeatable),
    outliers: outlierIndices(values).flatMap((index) => used[index]?.id ?? []),
    ...(values.length > 1 && {
      spread: sampleStandardDeviation(values),
      reductionByAnother: reductionByAnotherRepeat(values, prior, standardUncertainty(unrepeatable)),
    }),
  }
}

/** What is known of the scatter of readings that were taken with several instruments. */
function meanPrior(taken: readonly Instrument[], characteristic: string): RepeatPrior {
  const priors = taken.map((instrument) => repeatPrior(instrument, characteristic))
  return {
    deviation: Math.sqrt(mean(priors.map(({ deviation }) => deviation ** 2))),
    degrees: Math.min(...priors.map(({ degrees }) => degrees)),
  }
}

/** Half of a turn is seen, a quarter is not; whole things are counted exactly. */
const leastHalfWidth = { 0.5: 0.25, 1: 0 } as const

function resolveCount({ step }: CountCharacteristic, used: readonly [Reading, ...Reading[]]): Resolution {
  const values = used.map(numberOf)
  const value = majority(values) ?? numberOf(used.at(-1) ?? used[0])
  const range = Math.max(...values) - Math.min(...values)
  const halfWidth = Math.max(range / 2, leastHalfWidth[step])
  return {
    number: uncertain(value, rectangular(halfWidth), `${sourceOf(used[0])}${roundingSource}`),
    disagree: range > 0,
  }
}

/** The value held by more than half of the repeats, or by most when two agree and none else does. */
function majority(values: number[]): number | undefined {
  const ranked = [...groupBy(values, (value) => value)]
    .map(([value, votes]) => ({ value, votes: votes.length }))
    .sort((a, b) => b.votes - a.votes)
  const [first, second] = ranked
  return first && first.votes > (second?.votes ?? 0) ? first.value : undefined
}
