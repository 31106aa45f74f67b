import { confusionChance } from '#core/compare/confusion.ts'
import { findCharacteristic } from '#core/catalogue/index.ts'
import { normalQuantile } from '#core/quantity/normal.ts'
import { quantiles, type DrawProblem } from '#core/score/draw-problem.ts'
import { scoreDrawing } from '#core/score/draw-scores.ts'
import { callChances } from './call.ts'
import { scoreDoubt, type DoubtShare } from './doubt.ts'
import { judgementProblem } from './judgement.ts'
import { contenders, type EvaluatedRevision } from './ranking.ts'

/** What more specimens of the two that are foremost may settle. */
export interface UntilSure {
  /** Ids of the two, the likelier first. */
  columns: [string, string]
  steps: MoreSpecimens[]
}

/** With so many more specimens of each. */
export interface MoreSpecimens {
  more: number
  /** Chance that somebody then is first in at least 80 % of draws. */
  leads: number
  /** The same with 95 %. */
  wins: number
  /** Chance that the one who is named then is the right one. */
  right: number
}

/** So many more specimens are looked at; nought is how it stands. */
export const moreSpecimens = [0, 1, 2, 3, 5, 8, 12]

const blocks = 4
/** So many ways in which the new specimens may come out. */
const outcomes = 256

/**
 * How many specimens until sure: the chance that the verdict says "leads" or "wins" once so many more specimens of
 * each of the two foremost are recorded as those before.
 *
 * Preposterior analysis. Of the variance of a score, the part that units differ by falls with the number of
 * specimens, the part of answers that may be mistaken falls with every look; the rest stays. What falls is what the
 * new specimens tell: the mean of the score moves by as much, to either side, and the draws close up around it.
 *
 * Source: Raiffa and Schlaifer, Applied Statistical Decision Theory, 1961, preposterior analysis of a normal mean, from
 * memory; checked against specimens that are drawn and recorded in the simulation.
 *
 * @param evaluated all columns
 * @returns undefined when there are not two to be judged
 * @example specimensUntilSure([leader, next])?.steps[0]?.wins // => 1
 */
export function specimensUntilSure(evaluated: readonly EvaluatedRevision[]): UntilSure | undefined {
  const judged = contenders(evaluated)
  if (judged.length < 2) return undefined
  const problem = judgementProblem(judged)
  const scores = drawnScores(problem)
  const [a, b] = twoForemost(scores)
  const pair = [a, b].map((at) => foremost(problem, judged, scores, at)) as [Foremost, Foremost]
  const others = bestOf(
    scores,
    scores.flatMap((_, at) => (at === a || at === b ? [] : [at])),
  )
  return {
    columns: [judged[a]?.id ?? '', judged[b]?.id ?? ''],
    steps: moreSpecimens.map((more) => stepOf(more, pair, others)),
  }
}

/** Draws of one of the two foremost, and what doubt it has. */
interface Foremost {
  scores: Float64Array
  mean: number
  variance: number
  revision: EvaluatedRevision
  doubts: readonly DoubtShare[]
}

/** Scores of each product, draw by draw. */
function drawnScores(problem: DrawProblem): Float64Array[] {
  const drawing = scoreDrawing(problem)
  const scores = Array.from({ length: problem.products }, () => new Float64Array(blocks * quantiles))
  for (let block = 0; block < blocks; block++) {
    drawing.next()
    for (const [product, own] of scores.entries())
      own.set(drawing.scores.subarray(product * quantiles, (product + 1) * quantiles), block * quantiles)
  }
  return scores
}

/** Numbers of the two that are first most often. */
function twoForemost(scores: readonly Float64Array[]): [number, number] {
  const { whose } = bestOf(
    scores,
    scores.map((_, at) => at),
  )
  const firsts = scores.map((_, at) => whose.reduce((sum, one) => sum + Number(one === at), 0))
  const means = scores.map(meanOf)
  const [a = 0, b = 1] = scores
    .map((_, at) => at)
    .sort((one, other) => firsts[other]! - firsts[one]! || means[other]! - means[one]!)
  return [a, b]
}

const meanOf = (values: Float64Array): number => values.reduce((sum, one) => sum + one, 0) / values.length

function foremost(
  problem: DrawProblem,
  judged: readonly EvaluatedRevision[],
  all: readonly Float64Array[],
  at: number,
): Foremost {
  const [scores, revision] = [all[at]!, judged[at]!]
  const mean = meanOf(scores)
  const variance = scores.reduce((sum, one) => sum + (one - mean) ** 2, 0) / scores.length
  return { scores, mean, variance, revision, doubts: scoreDoubt(problem, at, revision) }
}

/** Best score of some, draw by draw, and whose it is. */
interface Best {
  best: Float64Array
  whose: Uint8Array
}

function bestOf(scores: readonly Float64Array[], products: readonly number[]): Best {
  const best = new Float64Array(blocks * quantiles).fill(-Infinity)
  const whose = new Uint8Array(best.length)
  for (const product of products) noteBetter(scores[product]!, product, { best, whose })
  return { best, whose }
}

function noteBetter(scores: Float64Array, product: number, { best, whose }: Best): void {
  for (let k = 0; k < best.length; k++) {
    if (scores[k]! <= best[k]!) continue
    best[k] = scores[k]!
    whose[k] = product
  }
}

/** Share of the variance of a score that so many more specimens take away. */
function settledShare(more: number, { doubts, revision }: Foremost): number {
  return doubts.reduce((sum, { criterion, attribute, source, share }) => {
    const { of = 1, number } = revision.evidence.get(criterion) ?? {}
    const averaged = more / (of + more)
    if (source === 'units' || (source === 'mistaken' && number !== undefined)) return sum + share * averaged
    const characteristic = findCharacteristic(attribute)
    if (source !== 'mistaken' || !characteristic) return sum
    return sum + share * (1 - confusionChance(characteristic) ** more)
  }, 0)
}

/** How often the new specimens come out so that somebody leads, or wins. */
function stepOf(more: number, pair: readonly [Foremost, Foremost], others: Best): MoreSpecimens {
  const settled = pair.map((one) => Math.min(1, settledShare(more, one))) as [number, number]
  const count = settled.some((share) => share > 0) ? outcomes : 1
  let [leads, wins, right] = [0, 0, 0]
  for (let outcome = 0; outcome < count; outcome++) {
    const moved = pair.map(({ mean, variance }, at): Moved => {
      const share = settled[at]!
      const by = count === 1 ? 0 : Math.sqrt(variance * share) * normalQuantile(latticePoint(outcome, at))
      return { mean, to: mean + by, shrink: Math.sqrt(1 - share) }
    })
    const highest = highestChance(moved, pair, others)
    if (highest >= callChances.leads) leads++
    if (highest >= callChances.wins) wins++
    right += highest
  }
  return { more, leads: leads / count, wins: wins / count, right: right / count }
}

/** Steps of a lattice that is even over the square (plastic number): the same each time, and surer than chance. */
const latticeSteps = [0.7548776662466927, 0.5698402909980532]
const latticePoint = (index: number, dimension: number): number => (0.5 + (index + 1) * latticeSteps[dimension]!) % 1

/** Where the mean of a score has moved to, and how far its draws have closed up around it. */
interface Moved {
  mean: number
  to: number
  shrink: number
}

const [firstOfPair, secondOfPair] = [256, 257]

/** The highest chance of being first when the two foremost have moved and closed up. */
function highestChance(moved: readonly Moved[], [a, b]: readonly [Foremost, Foremost], { best, whose }: Best): number {
  const [mine, yours] = [moved[0]!, moved[1]!]
  const firsts = new Uint32Array(secondOfPair + 1)
  for (let k = 0; k < best.length; k++) {
    const own = mine.to + (a.scores[k]! - mine.mean) * mine.shrink
    const other = yours.to + (b.scores[k]! - yours.mean) * yours.shrink
    const ahead = own > other ? firstOfPair : secondOfPair
    firsts[Math.max(own, other) >= best[k]! ? ahead : whose[k]!]!++
  }
  return Math.max(...firsts) / best.length
}
