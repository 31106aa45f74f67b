import { confusionChance } from '#core/compare/confusion.ts'
import { findCharacteristic } from '#core/catalogue/index.ts'
import { studentQuantile } from '#core/quantity/student.ts'
import type { Criterion } from './criterion.ts'
import { endsDiscussion, quantiles } from './draw-problem.ts'
import { evaluateCriterion, inferredWeightShare, type CriterionEvidence } from './evaluate-criterion.ts'
import { faultPoints, numberPoints, pointsRange } from './value-function.ts'

/** Points of one criterion that may be, each with its weight. */
type WeightedPoints = { points: number; weight: number }[]

/** So many filters the stated expectation counts for beside those that are known. Common practice, no source. */
const statedFilters = 3

/** How often a fault is found. Common practice, no published source: one in thirty is slight, one in 200 serious. */
const faultShares: Readonly<Record<string, number>> = { none: 0.962, slight: 0.033, serious: 0.005 }

const middles = Array.from({ length: quantiles }, (_, step) => (step + 0.5) / quantiles)

/**
 * Points that such filters have: those that are known, and a stated expectation for a few more. Faults are seldom,
 * all answers of a list are as likely, numbers and grades are even over the range of the rule.
 *
 * @param criterion to be judged by
 * @param known points of the filters of which they are known
 * @returns rising points at the middles of 1,024 equal shares of chance
 * @example expectedPoints(shippedCriterion('rust'), [])[512] // => 0
 */
export function expectedPoints(criterion: Criterion, known: readonly number[]): Float32Array {
  const stated = statedPoints(criterion)
  return tabulate([
    ...known.map((points) => ({ points, weight: 1 })),
    ...stated.map(({ points, weight }) => ({ points, weight: weight * statedFilters })),
  ])
}

function statedPoints({ valueFunction, attribute }: Criterion): WeightedPoints {
  if (valueFunction.kind === 'fault') {
    const characteristic = findCharacteristic(attribute)
    const isFatal = characteristic?.kind === 'fault' && characteristic.fatal !== undefined
    return Object.entries(faultShares).map(([answer, weight]) => ({
      points: isFatal && answer === 'serious' ? endsDiscussion : (faultPoints[answer] ?? 0),
      weight,
    }))
  }
  if (valueFunction.kind === 'answers') {
    const all = Object.values(valueFunction.points)
    return all.map((points) => ({ points, weight: 1 / all.length }))
  }
  return Array.from({ length: 64 }, (_, step) => ({ points: (10 * (step + 0.5)) / 64, weight: 1 / 64 }))
}

/** Rising points at the middles of equal shares of chance. */
function tabulate(weighted: WeightedPoints): Float32Array {
  const rising = [...weighted].sort((a, b) => a.points - b.points)
  const all = rising.reduce((sum, { weight }) => sum + weight, 0)
  const table = new Float32Array(quantiles)
  let [at, below] = [0, 0]
  for (const [step, share] of middles.entries()) {
    while (at < rising.length - 1 && below + rising[at]!.weight < share * all) below += rising[at++]!.weight
    table[step] = rising[at]!.points
  }
  return table
}

/**
 * Points of one criterion by what is known of a product.
 *
 * A measured number has Student's t at its degrees of freedom, a grade is even over what rounds to it, an answer is
 * mistaken with its stated chance, and what is inferred is as it seems with one half and else like such filters. Bounds
 * leave what such filters have within them.
 *
 * @param criterion to be judged by
 * @param evidence of a product; undefined when there are only bounds
 * @param bounds points that remain possible without evidence
 * @param expected points of such filters, rising
 * @returns 1,024 equally likely points, in no order
 * @example
 * knownPoints(shippedCriterion('can-wall'), { number: 0.0007, u: 0, evidence: 'measured' }, undefined, new Float32Array())[0]
 * // => 10
 */
export function knownPoints(
  criterion: Criterion,
  evidence: CriterionEvidence | undefined,
  bounds: { low: number; high: number } | undefined,
  expected: Float32Array,
): Float32Array {
  const settled = evidence && evaluateCriterion(criterion, { ...evidence, evidence: 'measured' })
  if (!evidence || !settled) return pointsWithin(bounds ?? pointsWithinAll(criterion), expected)
  const points =
    evidence.number === undefined
      ? mistaken(criterion, settled.low, expected)
      : measuredPoints(criterion, evidence.number, evidence)
  return evidence.evidence === 'inferred' ? mixed(points, expected, inferredWeightShare) : points
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
  const pointsAt = (value: number): number => numberPoints(criterion, value) ?? 0
  if (u === 0) return new Float32Array(quantiles).fill(pointsAt(number))
  if (criterion.valueFunction.kind === 'steps') return gradedPoints(criterion, number, u)
  const freedom = Math.max(1, degrees)
  return Float32Array.from(middles, (share) => pointsAt(number + u * studentQuantileAt(share, freedom)))
}

/** A grade is even over what it may have been rounded from, and no grade lies beyond the ends of its scale. */
function gradedPoints(criterion: Criterion, grade: number, u: number): Float32Array {
  const characteristic = findCharacteristic(criterion.attribute)
  const last = characteristic?.kind === 'grade' ? characteristic.anchors.length - 1 : grade
  const [low, high] = [Math.max(0, grade - u * Math.sqrt(3)), Math.min(last, grade + u * Math.sqrt(3))]
  return Float32Array.from(middles, (share) => numberPoints(criterion, low + share * (high - low)) ?? 0)
}

/** Points of an answer, which is another one of such filters when it is mistaken. */
function mistaken(criterion: Criterion, points: number, expected: Float32Array): Float32Array {
  const characteristic = findCharacteristic(criterion.attribute)
  return mixed(
    new Float32Array(quantiles).fill(points),
    expected,
    1 - (characteristic ? confusionChance(characteristic) : 0),
  )
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

/** Student's t at the middles, kept by tenths of degrees of freedom. */
function studentQuantileAt(share: number, degrees: number): number {
  const rung = degrees > 200 ? Infinity : Math.max(1, Math.floor(degrees * 10) / 10)
  let table = deviates.get(rung)
  if (!table) {
    table = Float64Array.from(middles, (middle) => studentQuantile(middle, rung))
    deviates.set(rung, table)
  }
  return table[Math.floor(share * quantiles)]!
}
