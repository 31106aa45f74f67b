import {
  evidenceRank,
  findCharacteristic,
  foundSo,
  type Characteristic,
  type CountCharacteristic,
  type Evidence,
  type QuantityCharacteristic,
} from '#core/catalogue/index.ts'
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
import { groupBy } from '#core/group-by.ts'
import type { OpeningGroup } from './opening-groups.ts'
import type { Reading } from './reading.ts'
import { mergeOpenings } from './said-openings.ts'

/** What a characteristic of one specimen is, worked out from its readings. */
export interface ResolvedValue {
  key: string
  specimenId: string
  evidence: Evidence
  /** Quantities, counts and grades. */
  number?: Uncertain
  /** Answers, designations and words. */
  text?: string
  openings?: ResolvedOpenings
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

/** Groups of openings, with what one size is uncertain by of its own and what all share. */
export interface ResolvedOpenings {
  groups: OpeningGroup[]
  standardUncertainty: number
  /** Nought, with the uncertainty of the instrument that all sizes were read with. */
  instrumentError: Uncertain
}

export type ResolvedValues = ReadonlyMap<string, ResolvedValue>

/**
 * Readings of one specimen as values, by characteristic.
 *
 * Struck readings count for nothing, nor does hearsay: it raises a check. The best evidence class present wins alone (measured, observed,
 * claimed, inferred), so an inferred value never pulls at a measured one. Repeats of a quantity are
 * averaged, each with the uncertainty of its own instrument. Repeats of a count that differ are settled by the
 * majority, else by the latest, and
 * flagged. Of answers, words and grades the latest holds; of a fault the worst, wherever it was seen, until that is
 * struck.
 *
 * What was said roughly ("about 300 g") counts, by its width, only while nothing was read sharply. A figure that was
 * told as such is known to its stated allowance, however often it was told.
 *
 * Uncertainty: type A from repeats, type B from the instrument and from what the part gives in the hand
 * (rectangular); a count is exact when its repeats
 * agree and otherwise uncertain by half their range (rectangular); a count to the half turn is known to
 * a quarter.
 *
 * @param readings of one specimen, oldest first
 * @param instruments by id; a reading that names none, or one not listed, is taken with the assumed one
 * @param gradeDeviation by which the reviewer's own grades scatter when they are given again, in steps; beside half a
 *   step
 * @example resolve(readings({ 'can.wall': ['0.49 mm', '0.50 mm'] })).get('can.wall')?.number?.value // => 0.000495
 */
export function resolve(
  readings: readonly Reading[],
  instruments: ReadonlyMap<string, Instrument> = new Map(),
  gradeDeviation = 0,
): ResolvedValues {
  const standing = readings.filter(({ voided, evidence }) => !voided && evidence !== 'reported')
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
      ...resolveCharacteristic(characteristic, [first, ...others], instruments, gradeDeviation),
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
  gradeDeviation: number,
): Resolution {
  const latest = used.at(-1) ?? used[0]
  switch (characteristic.kind) {
    case 'quantity':
    case 'count': {
      const [first, ...others] = used.filter(({ valueHalf }) => !valueHalf)
      if (characteristic.kind === 'quantity' && characteristic.allowance !== undefined)
        return resolveTold(characteristic.allowance, used)
      if (!first) return resolveCoarse(used)
      return characteristic.kind === 'quantity'
        ? resolveQuantity(characteristic, [first, ...others], instruments)
        : resolveCount(characteristic, [first, ...others])
    }
    case 'grade': {
      const grade = numberOf(latest)
      return {
        number: uncertain(
          grade,
          Math.hypot(rectangular(halfAStep), gradeDeviation),
          `${sourceOf(latest)}${roundingSource}`,
        ),
        disagree: used.some((reading) => numberOf(reading) !== grade),
      }
    }
    case 'openings': {
      const [first, ...others] = used.map(({ valueGroups }) => valueGroups ?? [])
      const { groups, agree } = others.reduce(
        (merged, after) => {
          const next = mergeOpenings(merged.groups, after)
          return { groups: next.groups, agree: merged.agree && next.agree }
        },
        { groups: first ?? [], agree: true },
      )
      const instrument = instrumentOf(latest, 'caliper', instruments)
      return {
        openings: {
          groups,
          standardUncertainty: repeatPrior(instrument, characteristic.key).deviation,
          instrumentError: instrumentError(instrument, groups[0]?.width ?? 0, instrumentSource(instrument, latest)),
        },
        disagree: !agree,
      }
    }
    case 'fault': {
      const answers = used.map(({ valueText }) => valueText ?? '')
      return {
        text: [...foundSo].reverse().find((answer) => answers.includes(answer)) ?? latest.valueText ?? '',
        disagree: new Set(answers).size > 1,
      }
    }
    default:
      return { text: latest.valueText ?? '', disagree: used.some(({ valueText }) => valueText !== latest.valueText) }
  }
}

/** A step of a scale is known to half of itself. */
const halfAStep = 0.5

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
