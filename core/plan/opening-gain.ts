import { normalQuantile } from '#core/quantity/normal.ts'
import { quantiles } from '#core/score/draw-problem.ts'
import { scoreDrawing } from '#core/score/draw-scores.ts'
import { sfc32 } from '#core/score/random.ts'
import { settledByReading } from '#core/verdict/cheapest-review.ts'
import { countRanges, firstOfDraws, ranges, rightWhenKnown, type Halves } from '#core/verdict/first-by-range.ts'
import { judgementProblem, judgementSeed } from '#core/verdict/judgement.ts'
import type { EvaluatedRevision } from '#core/verdict/ranking.ts'

const blocks = 16

/**
 * What it is worth to open a filter that nobody has opened: by how much the chance of naming the right one of all grows
 * once it is recorded. Until then it is drawn as such filters of the line-up are, with what is claimed and asked for
 * it; what is recorded tells nine tenths of its score.
 *
 * Expected value of sample information, by parting the draws by what is read of the score.
 *
 * Source: Raiffa and Schlaifer, Applied Statistical Decision Theory, 1961, from memory; parting the draws as for
 * readings. That recording tells nine tenths is common practice, no published source.
 *
 * @param judged those that are opened and fit
 * @param unopened the one that is not, evaluated alike
 * @returns 0 to 1
 * @example openingGain([], leader) // => 0
 */
export function openingGain(judged: readonly EvaluatedRevision[], unopened: EvaluatedRevision): number {
  if (judged.length === 0) return 0
  const products = judged.length + 1
  const drawing = scoreDrawing(judgementProblem([...judged, unopened]))
  const next = sfc32(judgementSeed)
  const halves: Halves = [new Float64Array(ranges * products), new Float64Array(ranges * products)]
  for (let block = 0; block < blocks; block++) {
    drawing.next()
    const told = rangesOf(toldScores(drawing.scores.subarray(judged.length * quantiles), next))
    countRanges(halves[block % 2 === 0 ? 0 : 1], told, firstOfDraws(drawing.scores, products), products)
  }
  const draws = blocks * quantiles
  return Math.max(0, rightWhenKnown(halves, products) / draws - namedNow(halves, products) / draws)
}

/** Draws in which the likeliest of those that are opened is first. */
function namedNow([one, other]: Halves, products: number): number {
  const firsts = new Float64Array(products - 1)
  for (let at = 0; at < one.length; at++) {
    const product = at % products
    if (product < firsts.length) firsts[product]! += one[at]! + other[at]!
  }
  return Math.max(...firsts)
}

/** Scores as a record of the filter tells them: with the doubt that is left. */
function toldScores(scores: Float64Array, next: () => number): Float64Array {
  const mean = scores.reduce((sum, score) => sum + score, 0) / quantiles
  const variance = scores.reduce((sum, score) => sum + (score - mean) ** 2, 0) / quantiles
  const doubt = Math.sqrt((variance * (1 - settledByReading)) / settledByReading)
  return scores.map((score) => score + doubt * normalQuantile((next() + 0.5) / 4294967296))
}

/** Range of each, so that every range holds as many. */
function rangesOf(values: Float64Array): Uint8Array {
  const byValue = Array.from(values.keys()).sort((a, b) => values[a]! - values[b]!)
  const rangeOf = new Uint8Array(values.length)
  for (const [rank, at] of byValue.entries()) rangeOf[at] = Math.floor((rank * ranges) / values.length)
  return rangeOf
}
