import type { Criterion } from './criterion.ts'
import { evaluateCriterion, inferredWeightShare, type CriterionEvidence } from './evaluate-criterion.ts'
import { normalQuantile } from '#core/quantity/normal.ts'
import type { Score } from './score.ts'
import { quantiles, type SmaaProblem } from './smaa.ts'
import { numberPoints } from './value-function.ts'

const middles = Array.from({ length: quantiles }, (_, step) => (step + 0.5) / quantiles)
const deviates = middles.map(normalQuantile)

/** Even over a range of points. */
const even = (low: number, high: number): number[] => middles.map((share) => low + share * (high - low))

/**
 * Points of one criterion by their chances: 128 quantiles.
 *
 * A measured number is normal with its uncertainty and goes through the rule; an answer is what it is; what is
 * missing or known within bounds is even over what it may come to; inferred evidence is half its points and half
 * even over the whole range. The order within the table does not matter.
 *
 * @param evidence undefined when nothing is known
 * @param bounds points that remain possible then
 * @example scoreQuantiles(shippedCriterion('glue'), undefined, { low: 0, high: 10 })[0] // => 0.0390625
 */
export function scoreQuantiles(
  criterion: Criterion,
  evidence: CriterionEvidence | undefined,
  bounds: { low: number; high: number },
): number[] {
  const settled = evidence && evaluateCriterion(criterion, { ...evidence, evidence: 'measured' })
  if (!evidence || !settled) return even(bounds.low, bounds.high)
  const { number, u = 0 } = evidence
  const pointsAt = (value: number): number => numberPoints(criterion, value) ?? settled.low
  const points = deviates.map((deviate) =>
    number === undefined || u === 0 ? settled.low : pointsAt(number + deviate * u),
  )
  if (evidence.evidence !== 'inferred') return points
  const sure = Math.round(inferredWeightShare * quantiles)
  return [
    ...Array.from({ length: sure }, (_, step) => points[Math.floor(((step + 0.5) / sure) * quantiles)] ?? 0),
    ...Array.from({ length: quantiles - sure }, (_, step) => (10 * (step + 0.5)) / (quantiles - sure)),
  ]
}

/** One product of an analysis: its score, and what its criteria rest on. */
export interface ScoredRevision {
  score: Score
  evidence: ReadonlyMap<string, CriterionEvidence>
}

/**
 * A line-up as a stochastic problem in flat arrays.
 *
 * @param revisions in the order of the columns
 * @param cap score of one that has a fault; others are not capped
 * @example smaaProblem([leader, next], 20, { draw: 'fixed', spread: 0, draws: 1000, seed: 1 }).products // => 2
 */
export function smaaProblem(
  revisions: readonly ScoredRevision[],
  cap: number,
  settings: Pick<SmaaProblem, 'draw' | 'spread' | 'draws' | 'seed'>,
): SmaaProblem {
  const criteria = revisions[0]?.score.lines.map(({ criterion }) => criterion) ?? []
  const [n, m] = [revisions.length, criteria.length]
  const points = new Float32Array(n * m * quantiles)
  const applies = new Uint8Array(n * m)
  for (const [i, { score, evidence }] of revisions.entries()) {
    for (const [j, line] of score.lines.entries()) {
      if (line.notApplicableReason) continue
      applies[i * m + j] = 1
      points.set(scoreQuantiles(line.criterion, evidence.get(line.criterion.key), line), (i * m + j) * quantiles)
    }
  }
  return {
    products: n,
    criteria: m,
    points,
    applies,
    weights: Float64Array.from(criteria, ({ weight }) => weight),
    caps: Float64Array.from(revisions, ({ score }) => (score.fatalFaults.length > 0 ? cap : 100)),
    ...settings,
  }
}
