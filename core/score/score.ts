import type { Evidence, FilterForm } from '#core/catalogue/index.ts'
import type { Criterion } from './criterion.ts'
import type { CriterionEvaluation } from './evaluate-criterion.ts'
import { fatalFaultCap, type FatalFault } from './fatal-faults.ts'
import { pointsRange } from './value-function.ts'

/** One criterion judged. */
export interface ScoreLine {
  criterion: Criterion
  /** Within the range of the value function; absent when nothing is known. */
  points?: number
  /** What is sure of its points, and what they may still come to. */
  low: number
  high: number
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
 * scoreLine(shippedCriterion('glue'), { low: 5, high: 10, evidence: 'inferred' }).points
 * // => 10
 */
export function scoreLine(criterion: Criterion, evaluation: CriterionEvaluation | undefined): ScoreLine {
  const { least, most } = pointsRange(criterion.valueFunction)
  if (!evaluation) return { criterion, low: least, high: most }
  const { low, high } = evaluation
  const sure = 1 - (high - low) / (most - least)
  return { criterion, ...evaluation, ...(sure > 0 && { points: (low - (1 - sure) * least) / sure }) }
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
  notApplicableReason: reason,
})

/** Whether a criterion only takes points away: its weight is no part of the mean. */
export const isPenalty = ({ valueFunction }: Criterion): boolean => valueFunction.kind === 'fault'

/** Weight of the criteria whose mean is taken: those that count for the filter, faults aside. */
export const countedWeight = (lines: readonly ScoreLine[]): number =>
  lines.reduce(
    (sum, { criterion, notApplicableReason }) =>
      sum + (notApplicableReason || isPenalty(criterion) ? 0 : criterion.weight),
    0,
  )

/**
 * A score from its lines: a weighted mean of points, less what faults take away by their weight beside that of the
 * mean. Low and high are what it comes to if all that is open were worst, and best; the value is what it comes to if
 * what is open were like what is known, so that what is missing never counts as zero, and if no fault is there that
 * was not found.
 *
 * Source: weighted sum, common practice, no published source.
 *
 * @param lines one a criterion
 * @param fatalFaults that cap it
 * @example combineScoreLines([scoreLine(shippedCriterion('glue'), undefined)], []).value // => undefined
 */
export function combineScoreLines(lines: ScoreLine[], fatalFaults: FatalFault[]): Score {
  const counted = lines.filter(({ notApplicableReason }) => !notApplicableReason)
  const [penalties, averaged] = [true, false].map((kind) =>
    counted.filter(({ criterion }) => isPenalty(criterion) === kind),
  ) as [ScoreLine[], ScoreLine[]]
  const weight = countedWeight(lines)
  const outOfHundred = (those: ScoreLine[], points: (line: ScoreLine) => number): number =>
    weight === 0 ? 0 : (10 * those.reduce((sum, line) => sum + line.criterion.weight * points(line), 0)) / weight
  const ends = (those: ScoreLine[]) => [outOfHundred(those, ({ low }) => low), outOfHundred(those, ({ high }) => high)]
  const [low = 0, high = 0] = ends(averaged)
  const [mostTaken = 0, leastTaken = 0] = ends(penalties)
  const sure = weight === 0 ? 0 : 1 - (high - low) / 100
  const taken = outOfHundred(penalties, ({ points = 0 }) => points)
  const limit = fatalFaults.length > 0 ? fatalFaultCap : 100
  const within = (score: number): number => Math.max(0, Math.min(score, limit))
  return {
    ...(sure > 1e-9 && { value: within((100 * low) / (low + 100 - high) + taken) }),
    low: within(low + mostTaken),
    high: within(high + leastTaken),
    coverage: coverageOf(counted),
    lines,
    fatalFaults,
  }
}

/** Share of the weight that rests on evidence. */
function coverageOf(counted: readonly ScoreLine[]): number {
  const weight = counted.reduce((sum, { criterion }) => sum + criterion.weight, 0)
  const open = counted.reduce((sum, { criterion, low, high }) => sum + (criterion.weight * (high - low)) / 10, 0)
  return weight === 0 ? 0 : 1 - open / weight
}
