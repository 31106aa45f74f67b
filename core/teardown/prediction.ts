import { expandedUncertainty } from '#core/quantity/uncertain.ts'
import type { ResolvedValue, ResolvedValues } from './resolve.ts'

/** What a reviewer expected before it was measured or seen. */
export interface Prediction {
  id: string
  characteristic: string
  rawInput: string
  valueNumber: number | null
  /** Half of the width that was said, SI. */
  valueHalf: number | null
  valueText: string | null
  /** UTC, ISO 8601. */
  predictedAt: string
}

/** Where a number was predicted with no width: this share of it, or half a step, is a hit. A convention, no source. */
const widthOfPlain = 0.05

/**
 * Whether a prediction came true: an answer when it is the same, a number when it lies within what was said, or within
 * a twentieth where no width was said, beside the doubt of the measured one.
 *
 * @param prediction as it was taken
 * @param value what was found
 * @returns undefined while nothing was measured or seen
 * @example settlePrediction({ valueNumber: 0.0005, valueHalf: null, valueText: null }, undefined) // => undefined
 */
export function settlePrediction(
  { valueNumber, valueHalf, valueText }: Pick<Prediction, 'valueNumber' | 'valueHalf' | 'valueText'>,
  value: ResolvedValue | undefined,
): 'hit' | 'miss' | undefined {
  if (!value || (value.evidence !== 'measured' && value.evidence !== 'observed')) return undefined
  if (valueText !== null) return value.text === undefined ? undefined : value.text === valueText ? 'hit' : 'miss'
  if (valueNumber === null || value.number === undefined) return undefined
  const width = valueHalf ?? Math.max(widthOfPlain * Math.abs(valueNumber), 1e-9)
  const apart = Math.abs(value.number.value - valueNumber)
  return apart <= width + expandedUncertainty(value.number) ? 'hit' : 'miss'
}

/** How often a reviewer's predictions came true. */
export interface HitRate {
  hits: number
  settled: number
  /** Chance that the next comes true. */
  rate: number
}

/**
 * How often predictions came true, by Jeffreys' prior for a proportion: its posterior mean is (k + 1/2) / (n + 1).
 *
 * @param outcomes of those that are settled
 * @example hitRate(['hit', 'hit', 'miss']) // => { hits: 2, settled: 3, rate: 0.625 }
 */
export function hitRate(outcomes: readonly ('hit' | 'miss')[]): HitRate {
  const hits = outcomes.filter((one) => one === 'hit').length
  return { hits, settled: outcomes.length, rate: (hits + 0.5) / (outcomes.length + 1) }
}

/** So many predictions, half of them true, stand for a reviewer of whom nothing is known. A convention, no source. */
const priorPredictions = 8

/**
 * Share of its weight that bears what a reviewer infers: one half as long as nothing is known, more the more of the
 * reviewer's own predictions came true (posterior mean under Beta(4, 4)).
 *
 * @example inferredShareOf({ hits: 0, settled: 0 }) // => 0.5
 * @example inferredShareOf({ hits: 11, settled: 12 }) // => 0.75
 */
export const inferredShareOf = ({ hits, settled }: Pick<HitRate, 'hits' | 'settled'>): number =>
  (hits + priorPredictions / 2) / (settled + priorPredictions)

/**
 * The outcomes of predictions on one specimen.
 *
 * @param predictions of it
 * @param values resolved
 * @example outcomesOf([], new Map()) // => []
 */
export const outcomesOf = (predictions: readonly Prediction[], values: ResolvedValues): ('hit' | 'miss')[] =>
  predictions.flatMap((one) => settlePrediction(one, values.get(one.characteristic)) ?? [])
