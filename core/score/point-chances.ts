import { confusionChance } from '#core/compare/confusion.ts'
import { faultShares, filtersFor, statedFilters, type StatedAnswer } from '#core/compare/occurrence.ts'
import { findCharacteristic } from '#core/catalogue/index.ts'
import { studentQuantile } from '#core/quantity/student.ts'
import type { Criterion, ScaleRule } from './criterion.ts'
import { endsDiscussion, quantiles } from './draw-problem.ts'
import { evaluateCriterion, inferredShare, type CriterionEvidence } from './evaluate-criterion.ts'
import { faultPoints, numberPoints, pointsRange, stepPoints } from './value-function.ts'

/** Points of one criterion that may be, each with its weight. */
type WeightedPoints = { points: number; weight: number }[]

/** What is known of other filters for one criterion: points of numbers and grades, or answers. */
export interface KnownOfOthers {
  points: readonly number[]
  answers: readonly string[]
}

/** What such filters have for one criterion. */
export interface Expected {
  /** Rising points at the middles of 1,024 equal shares of chance. */
  table: Float32Array
  /** How often each answer is given; empty for numbers and grades. */
  answers: readonly ExpectedAnswer[]
}

interface ExpectedAnswer {
  answer: string
  points: number
  /** So many filters count for it: those that are known, and stated ones. */
  filters: number
}

const middles = Array.from({ length: quantiles }, (_, step) => (step + 0.5) / quantiles)

/**
 * What such filters have: what is known of others, and a stated expectation for a few more. Faults are seldom, all
 * answers of a list are as likely, numbers and grades are even over the range of the rule.
 *
 * @param criterion to be judged by
 * @param known of the filters of which it is known
 * @example expectedOf(shippedCriterion('rust'), { points: [], answers: [] }).table[512] // => 0
 */
export function expectedOf(criterion: Criterion, known: KnownOfOthers): Expected {
  const answers = expectedAnswers(criterion, known.answers)
  const table = tabulate(
    answers.length > 0
      ? answers.map(({ points, filters }) => ({ points, weight: filters }))
      : [
          ...known.points.map((points) => ({ points, weight: 1 })),
          ...evenPoints.map((points) => ({ points, weight: statedFilters / evenPoints.length })),
        ],
  )
  return { table, answers }
}

const evenPoints = Array.from({ length: 64 }, (_, step) => (10 * (step + 0.5)) / 64)

/** How often each answer that the rule judges is given, worst first: those that are known and the stated ones. */
function expectedAnswers(criterion: Criterion, known: readonly string[]): ExpectedAnswer[] {
  const stated = statedAnswers(criterion)
  const judged = known.filter((answer) => stated.some((one) => one.answer === answer))
  return stated
    .map(({ answer, points, share }) => ({ answer, points, filters: filtersFor({ answer, share }, judged) }))
    .sort((a, b) => a.points - b.points)
}

function statedAnswers({ valueFunction, attribute }: Criterion): (StatedAnswer & { points: number })[] {
  if (valueFunction.kind === 'fault') {
    const characteristic = findCharacteristic(attribute)
    const isFatal = characteristic?.kind === 'fault' && characteristic.fatal !== undefined
    return Object.entries(faultShares).map(([answer, share]) => ({
      answer,
      points: isFatal && answer === 'serious' ? endsDiscussion : (faultPoints[answer] ?? 0),
      share,
    }))
  }
  if (valueFunction.kind !== 'answers') return []
  const all = Object.entries(valueFunction.points)
  return all.map(([answer, points]) => ({ answer, points, share: 1 / all.length }))
}

/** Rising points at the middles of equal shares of chance. */
function tabulate(weighted: WeightedPoints): Float32Array {
  const rising = [...weighted].sort((a, b) => a.points - b.points)
  const all = rising.reduce((sum, { weight }) => sum + weight, 0)
  const table = new Float32Array(quantiles)
  let [from, reached] = [0, 0]
  for (const [at, { points, weight }] of rising.entries()) {
    reached += weight
    const to = at === rising.length - 1 ? quantiles : Math.ceil((reached / all) * quantiles - 0.5)
    table.fill(points, from, to)
    from = Math.max(from, to)
  }
  return table
}

/**
 * Points of one criterion by what is known of a product.
 *
 * A measured number has Student's t at its degrees of freedom, a grade is even over what rounds to it, an answer may
 * be mistaken for another, the likelier the more usual the other is (Bayes' rule), and what is inferred is as it
 * seems with the share that what is inferred bears and else like such filters. Bounds leave what such filters have
 * within them.
 *
 * @param criterion to be judged by
 * @param evidence of a product; undefined when there are only bounds
 * @param bounds points that remain possible without evidence
 * @param expected of such filters
 * @returns 1,024 equally likely points, in no order
 * @example
 * knownPoints(shippedCriterion('can-wall'), { number: 0.0007, u: 0, evidence: 'measured' }, undefined,
 *   expectedOf(shippedCriterion('can-wall'), { points: [], answers: [] }))[0] // => 10
 */
export function knownPoints(
  criterion: Criterion,
  evidence: CriterionEvidence | undefined,
  bounds: { low: number; high: number } | undefined,
  expected: Expected,
): Float32Array {
  const settled = evidence && evaluateCriterion(criterion, { ...evidence, evidence: 'measured' })
  if (!evidence || !settled) return pointsWithin(bounds ?? pointsWithinAll(criterion), expected.table)
  const points =
    evidence.number === undefined
      ? answeredPoints(criterion, evidence.answers ?? [], settled.low, expected)
      : measuredPoints(criterion, evidence.number, evidence)
  return evidence.evidence === 'inferred' ? mixed(points, expected.table, inferredShare(criterion)) : points
}

function pointsWithinAll({ valueFunction }: Criterion): { low: number; high: number } {
  const { least, most } = pointsRange(valueFunction)
  return { low: least, high: most }
}

/** What such filters have, within bounds; even over the bounds when such filters have next to nothing there. */
function pointsWithin({ low, high }: { low: number; high: number }, expected: Float32Array): Float32Array {
  if (low === high) return new Float32Array(quantiles).fill(low)
  const within = expected.filter((points) => points >= low && points <= high)
  if (within.length < quantiles / 20) return Float32Array.from(middles, (share) => low + share * (high - low))
  return Float32Array.from(middles, (share) => within[Math.floor(share * within.length)]!)
}

/** Points of a number that is known with an uncertainty. */
function measuredPoints(
  criterion: Criterion,
  number: number,
  { u = 0, degrees = Infinity }: CriterionEvidence,
): Float32Array {
  const { valueFunction } = criterion
  if (valueFunction.kind === 'steps' && u > 0) return gradedPoints(criterion, number, u)
  if (valueFunction.kind !== 'scale' || u === 0)
    return new Float32Array(quantiles).fill(numberPoints(criterion, number) ?? 0)
  return scaledPoints(valueFunction, number, u, studentDeviates(Math.max(1, degrees)))
}

/** Points on a scale at a number and all its rising deviates: the breakpoints are passed once. */
function scaledPoints({ points }: ScaleRule, number: number, u: number, rising: Float64Array): Float32Array {
  const table = new Float32Array(quantiles)
  let above = 0
  for (let k = 0; k < quantiles; k++) {
    const value = number + u * rising[k]!
    while (above < points.length && points[above]![0] < value) above++
    const [low, high] = [points[Math.max(0, above - 1)]!, points[Math.min(points.length - 1, above)]!]
    table[k] = low === high ? low[1] : low[1] + ((high[1] - low[1]) * (value - low[0])) / (high[0] - low[0])
  }
  return table
}

/**
 * A grade is even over what it may have been rounded from. What would lie beyond an end of its scale is as bad or as
 * good as that end.
 */
function gradedPoints(criterion: Criterion, grade: number, u: number): Float32Array {
  const characteristic = findCharacteristic(criterion.attribute)
  const last = characteristic?.kind === 'grade' ? characteristic.anchors.length - 1 : grade
  const half = u * Math.sqrt(3)
  const table = new Float32Array(quantiles)
  for (let k = 0; k < quantiles; k++) {
    const step = grade + (2 * middles[k]! - 1) * half
    table[k] = stepPoints(Math.min(last, Math.max(0, step)), last + 1)
  }
  return table
}

/**
 * Points of what was answered, where other filters say how usual each answer is. Specimens that differ are averaged and
 * taken as they are.
 */
function answeredPoints(
  { attribute }: Criterion,
  answers: readonly string[],
  points: number,
  expected: Expected,
): Float32Array {
  const [answer] = answers
  const characteristic = findCharacteristic(attribute)
  if (answer === undefined || !characteristic || new Set(answers).size > 1)
    return new Float32Array(quantiles).fill(points)
  const isFault = characteristic.kind === 'fault'
  return tabulate(
    expected.answers.map((truth, at) => ({
      points: isFault && truth.answer === answer ? points : truth.points,
      weight:
        Math.max(truth.filters - (truth.answer === answer ? answers.length : 0), 1e-6) *
        givenChance(expected.answers, at, answer, confusionChance(characteristic), isFault) ** answers.length,
    })),
  )
}

/**
 * Chance that an answer is given where another, or the same, is true: a fault is mistaken for the next worse or better
 * one, any other answer for each of the others alike.
 */
function givenChance(
  answers: readonly ExpectedAnswer[],
  truth: number,
  given: string,
  confusion: number,
  isFault: boolean,
): number {
  const at = answers.findIndex(({ answer }) => answer === given)
  if (at === truth) return 1 - confusion
  if (!isFault) return confusion / Math.max(1, answers.length - 1)
  const neighbours = truth === 0 || truth === answers.length - 1 ? 1 : 2
  return Math.abs(at - truth) === 1 ? confusion / neighbours : 0
}

/** With this share the one, else the other. */
function mixed(one: Float32Array, other: Float32Array, share: number): Float32Array {
  const first = Math.round(share * quantiles)
  const pick = (from: Float32Array, count: number, step: number) =>
    from[Math.floor(((step + 0.5) / count) * quantiles)]!
  return Float32Array.from(middles, (_, step) =>
    step < first ? pick(one, first, step) : pick(other, quantiles - first, step - first),
  )
}

const deviates = new Map<number, Float64Array>()

/**
 * Student's t at the middles of 1,024 equal shares, rising; kept by tenths of degrees of freedom.
 *
 * @example studentDeviates(Infinity)[511] // => -0.00122
 */
export function studentDeviates(degrees: number): Float64Array {
  const rung = degrees > 200 ? Infinity : Math.max(1, Math.floor(degrees * 10) / 10)
  let table = deviates.get(rung)
  if (!table) {
    table = Float64Array.from(middles, (middle) => studentQuantile(middle, rung))
    deviates.set(rung, table)
  }
  return table
}
