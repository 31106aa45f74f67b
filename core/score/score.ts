import type { Evidence, FilterForm } from '#core/catalogue/index.ts'
import type { Criterion } from './criterion.ts'
import type { CriterionEvaluation } from './evaluate-criterion.ts'
import { fatalFaultCap, type FatalFault } from './fatal-faults.ts'

/** One criterion judged. */
export interface ScoreLine {
  criterion: Criterion
  /** 0 to 10; absent when nothing is known. */
  points?: number
  /** What is sure of its points, and what they may still come to. */
  low: number
  high: number
  /** Standard uncertainty of the points, from the measurement. */
  standardUncertainty: number
  evidence?: Evidence
  /** Why it does not count here. */
  notApplicableReason?: string
}

/** A weighted judgement: no filtration test. */
export interface Score {
  /** Weighted mean of what is known, 0 to 100, after any cap; absent when nothing is known. */
  value?: number
  /** What it would be if all that is missing were worst, and best. */
  low: number
  high: number
  /** Standard uncertainty of the value, from the measurements. */
  u: number
  /** Share of the weight that rests on evidence, 0 to 1. */
  coverage: number
  lines: ScoreLine[]
  fatalFaults: FatalFault[]
}

/**
 * The criteria that count for a form: those with a weight that the form can be judged by.
 *
 * @param form of the filter
 * @param criteria with the weights in force
 * @example countedCriteria('cartridge', [shippedCriterion('can-wall')]) // => []
 */
export const countedCriteria = (form: FilterForm, criteria: readonly Criterion[]): Criterion[] =>
  criteria.filter(({ forms, weight }) => weight > 0 && forms.includes(form))

/**
 * A line of the score from an evaluation; the points are what they would be if what is open turned out alike.
 *
 * @param criterion that was judged
 * @param evaluation undefined when nothing is known
 * @example
 * scoreLine(shippedCriterion('glue'), { low: 5, high: 10, standardUncertainty: 0, evidence: 'inferred' }).points
 * // => 10
 */
export function scoreLine(criterion: Criterion, evaluation: CriterionEvaluation | undefined): ScoreLine {
  if (!evaluation) return { criterion, low: 0, high: 10, standardUncertainty: 0 }
  const { low, high } = evaluation
  const sure = 1 - (high - low) / 10
  return { criterion, ...evaluation, ...(sure > 0 && { points: low / sure }) }
}

/**
 * A line for a criterion that does not apply to a filter.
 *
 * @param criterion that is left out
 * @param reason why
 * @example notApplicableLine(shippedCriterion('glue'), 'the media is welded').high // => 0
 */
export const notApplicableLine = (criterion: Criterion, reason: string): ScoreLine => ({
  criterion,
  low: 0,
  high: 0,
  standardUncertainty: 0,
  notApplicableReason: reason,
})

/** Weight of the criteria that count for the filter. */
export const countedWeight = (lines: readonly ScoreLine[]): number =>
  lines.reduce((sum, { criterion, notApplicableReason }) => sum + (notApplicableReason ? 0 : criterion.weight), 0)

/**
 * A score from its lines: low and high are weighted means; the value lies between them where it would if all
 * that is open turned out as what is known, so what is missing never counts as zero.
 *
 * Source: weighted sum, common practice; the value is low / (low + 100 − high), from the same weights.
 *
 * @param lines one a criterion
 * @param fatalFaults that cap it
 * @example combineScoreLines([scoreLine(shippedCriterion('glue'), undefined)], []).value // => undefined
 */
export function combineScoreLines(lines: ScoreLine[], fatalFaults: FatalFault[]): Score {
  const counted = lines.filter(({ notApplicableReason }) => !notApplicableReason)
  const weight = countedWeight(lines)
  const weighted = (points: (line: ScoreLine) => number): number =>
    counted.reduce((sum, line) => sum + line.criterion.weight * points(line), 0)
  const outOfHundred = (points: (line: ScoreLine) => number): number =>
    weight === 0 ? 0 : (10 * weighted(points)) / weight
  const [low, high] = [outOfHundred((line) => line.low), outOfHundred((line) => line.high)]
  const coverage = weight === 0 ? 0 : 1 - (high - low) / 100
  const isCapped = fatalFaults.length > 0
  const cap = (score: number): number => (isCapped ? Math.min(score, fatalFaultCap) : score)
  const squares = counted.reduce(
    (sum, { criterion, standardUncertainty }) => sum + (criterion.weight * standardUncertainty) ** 2,
    0,
  )
  return {
    ...(coverage > 1e-9 && { value: cap((100 * low) / (low + 100 - high)) }),
    low: cap(low),
    high: cap(high),
    u: coverage <= 0 || isCapped ? 0 : (10 * Math.sqrt(squares)) / (weight * coverage),
    coverage,
    lines,
    fatalFaults,
  }
}
