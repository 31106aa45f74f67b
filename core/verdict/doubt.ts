import type { CriterionEvidence } from '#core/score/evaluate-criterion.ts'
import { isExternalAttribute } from '#core/score/external-attributes.ts'
import { cellKinds, quantiles, type DrawProblem } from '#core/score/draw-problem.ts'
import { scoreDrawing } from '#core/score/draw-scores.ts'
import type { ScoreLine } from '#core/score/score.ts'
import type { ScoredRevision } from '#core/score/chances-problem.ts'

/** What the doubt of a score comes from. */
export const doubtSources = {
  open: 'not looked at',
  inferred: 'concluded from looks',
  mistaken: 'an answer that may be mistaken',
  claims: 'left open by makers and shops',
  units: 'differs from unit to unit',
  reading: 'the reading itself',
} as const

type DoubtSource = keyof typeof doubtSources

/** A share of the doubt of a score, 0 to 1. */
export interface DoubtShare {
  criterion: string
  label: string
  attribute: string
  source: DoubtSource
  share: number
}

/** Enough that a share is known to a point in a hundred or so. */
const blocks = 16

/** Shares below this are lost in the draws. */
const leastShare = 0.002

/**
 * What the doubt of a product's score comes from, criterion by criterion.
 *
 * The share of a criterion is the covariance of its points with the score over the variance of the score, so that all
 * shares add up to one; what is open of one product varies together, and has its part in that. A measured number is
 * parted once more, into what differs from unit to unit and what is the reading's own.
 *
 * Source: the uncertainty budget of JCGM 100:2008 (GUM), 5.1 and 5.2, with covariances.
 *
 * @param problem that the product is drawn from
 * @param at its number in the problem
 * @param revision the product
 * @returns the largest first; empty when nothing is in doubt
 * @example scoreDoubt(judgementProblem([leader, next]), 0, leader)[0]?.source // => 'mistaken'
 */
export function scoreDoubt(problem: DrawProblem, at: number, { score, evidence }: ScoredRevision): DoubtShare[] {
  const shares = covarianceShares(alone(problem, at))
  return score.lines
    .flatMap((line, j): DoubtShare[] => {
      const { key, label, attribute } = line.criterion
      return sourcesOf(line, evidence.get(key)).map(({ source, part }) => {
        return { criterion: key, label, attribute, source, share: part * (shares[j] ?? 0) }
      })
    })
    .filter(({ share }) => share > leastShare)
    .sort((a, b) => b.share - a.share)
}

/** The problem of one product of several. */
function alone(problem: DrawProblem, at: number): DrawProblem {
  const { criteria, points, kinds, quality, caps } = problem
  return {
    ...problem,
    products: 1,
    points: points.subarray(at * criteria * quantiles, (at + 1) * criteria * quantiles),
    kinds: kinds.subarray(at * criteria, (at + 1) * criteria),
    quality: quality.subarray(2 * at, 2 * at + 2),
    caps: caps.subarray(at, at + 1),
  }
}

/** A fault that ends the discussion counts as a serious one here: it is rare, and its square would drown all else. */
const leastPoints = -10

/** Covariance of each criterion's points with the score of the only product, over the variance of the score. */
function covarianceShares(all: DrawProblem): number[] {
  const problem = { ...all, points: all.points.map((one) => Math.max(leastPoints, one)) }
  const { kinds, points, weights } = problem
  const own = Array.from(weights, (weight, j) =>
    kinds[j] === cellKinds.known ? weight ** 2 * varianceOf(points.subarray(j * quantiles, (j + 1) * quantiles)) : 0,
  )
  const open = openCovariances(problem)
  const parts = own.map((variance, j) => Math.max(0, variance + (open[j] ?? 0)))
  const sum = parts.reduce((total, one) => total + one, 0)
  return parts.map((one) => (sum === 0 ? 0 : one / sum))
}

/** Covariance of the weighted points of each open cell with the weighted sum of what is open. */
function openCovariances(problem: DrawProblem): number[] {
  const { criteria, weights } = problem
  const drawn = new Map<number, Float64Array>()
  const drawing = scoreDrawing(problem, (_, criterion, places, table) => {
    drawn.set(
      criterion,
      Float64Array.from(places, (place) => (table[place] ?? 0) * (weights[criterion] ?? 0)),
    )
  })
  const covariances = Array.from({ length: criteria }, () => 0)
  for (let block = 0; block < blocks; block++) {
    drawing.next()
    const total = new Float64Array(quantiles)
    for (const points of drawn.values()) for (const [k, one] of points.entries()) total[k] = (total[k] ?? 0) + one
    for (const [j, points] of drawn) covariances[j] = (covariances[j] ?? 0) + covarianceOf(points, total) / blocks
  }
  return covariances
}

function covarianceOf(one: ArrayLike<number>, other: ArrayLike<number>): number {
  let [ones, others, products] = [0, 0, 0]
  for (let k = 0; k < one.length; k++) {
    const [a, b] = [one[k] ?? 0, other[k] ?? 0]
    ones += a
    others += b
    products += a * b
  }
  return (products - (ones * others) / one.length) / one.length
}

const varianceOf = (points: ArrayLike<number>): number => covarianceOf(points, points)

/** What the doubt of one line is made of: parts that add up to one. */
function sourcesOf(
  { criterion, points, evidence }: ScoreLine,
  known: CriterionEvidence | undefined,
): { source: DoubtSource; part: number }[] {
  if (isExternalAttribute(criterion.attribute)) return [{ source: 'claims', part: 1 }]
  if (points === undefined) return [{ source: 'open', part: 1 }]
  if (evidence === 'inferred') return [{ source: 'inferred', part: 1 }]
  if (known?.number === undefined || criterion.valueFunction.kind === 'steps') return [{ source: 'mistaken', part: 1 }]
  const { unitShare = 0 } = known
  return [
    { source: 'units', part: unitShare },
    { source: 'reading', part: 1 - unitShare },
  ]
}
