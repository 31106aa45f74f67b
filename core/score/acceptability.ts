import { quantiles, type DrawProblem } from './draw-problem.ts'
import { scoreDrawing, type ScoreDrawing } from './draw-scores.ts'
import { columnOf, firstPlaces } from './first-places.ts'

/** What is asked of the draws. */
export interface DrawSettings {
  /** At least so many draws, rounded up to whole blocks. */
  least: number
  /** At most so many. */
  most: number
  /** It stops when each chance of first is known to this standard error. */
  standardError: number
  /** Whether ranks and central weights are asked for: they cost as much again. */
  ranks: boolean
}

/** Scores of one product over the draws. */
export interface ScoreChances {
  mean: number
  /** Ends of the interval that holds 95 % of the draws. */
  low: number
  high: number
  /** Share of draws above nought, ten, twenty … and ninety points. */
  above: number[]
}

/** What came of the draws. */
export interface Acceptability {
  draws: number
  /** Chance of being first, by product: a tie is shared. */
  first: number[]
  /** Standard error of the largest chance of first. */
  standardError: number
  scores: ScoreChances[]
  /** Share of draws at each rank, product by product; empty when they were not asked for. */
  ranks: number[][]
  /** Mean weights of the draws in which a product is first, as shares of their sum; noughts when it never is. */
  central: number[][]
}

/**
 * Stochastic multicriteria acceptability analysis: scores are drawn with all that is uncertain in them, and the share
 * of draws counted in which each product is first, and at each rank. Products that tie share the ranks they take.
 *
 * Source: SMAA-2, Lahdelma and Salminen, Operations Research 49 (2001) 444-454: rank acceptability indices and central
 * weight vectors.
 *
 * @param problem scores as chances
 * @param settings how exactly, see {@link DrawSettings}
 * @yields the share that is done of what it may take at most, a block at a time
 * @returns chances, intervals, and ranks where asked for
 * @example acceptability(twoProducts, { least: 1024, most: 1024, standardError: 0, ranks: false }).first // => [1, 0]
 */
export function* acceptabilitySteps(problem: DrawProblem, settings: DrawSettings): Generator<number, Acceptability> {
  const drawing = scoreDrawing(problem)
  const tally = newTally(problem, drawing, settings.ranks)
  const [least, most] = [settings.least, settings.most].map((draws) => Math.ceil(draws / quantiles))
  let blocks = 0
  while (blocks < most! && (blocks < least! || standardErrorOf(tally, blocks) > settings.standardError)) {
    drawing.next()
    count(drawing.scores, tally)
    blocks++
    yield blocks / most!
  }
  return resultOf(tally, blocks)
}

/**
 * The whole analysis at once.
 *
 * @example acceptability(twoProducts, { least: 1, most: 1, standardError: 0, ranks: false }).draws // => 1024
 */
export function acceptability(problem: DrawProblem, settings: DrawSettings): Acceptability {
  const steps = acceptabilitySteps(problem, settings)
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

/** Steps of the count of scores: tenths of a point. */
const bins = 1001

interface Tally {
  products: number
  criteria: number
  /** Sums over blocks of the share of first places, and of its square, by product. */
  first: Float64Array
  squares: Float64Array
  sums: Float64Array
  histogram: Uint32Array
  ranks: Float64Array
  central: Float64Array
  /** Each one's share of first places in a block. */
  firstPlaces: (scores: Float64Array) => Float64Array
}

function newTally(problem: DrawProblem, drawing: ScoreDrawing, ranks: boolean): Tally {
  const { products, criteria } = problem
  const central = new Float64Array(ranks ? products * criteria : 0)
  return {
    products,
    criteria,
    firstPlaces: firstPlaces(
      problem,
      ranks ? (product, credit) => noteCentral(drawing.weights, credit, criteria, central, product) : undefined,
    ),
    first: new Float64Array(products),
    squares: new Float64Array(products),
    sums: new Float64Array(products),
    histogram: new Uint32Array(products * bins),
    ranks: new Float64Array(ranks ? products * products : 0),
    central,
  }
}

function count(scores: Float64Array, tally: Tally): void {
  const { products, first, squares, sums, histogram } = tally
  for (const [product, share] of tally.firstPlaces(scores).entries()) {
    first[product]! += share
    squares[product]! += share * share
  }
  for (let product = 0; product < products; product++)
    sums[product]! += noteScores(columnOf(scores, product), histogram, product * bins)
  if (tally.ranks.length > 0) countRanks(scores, tally)
}

function noteScores(column: Float64Array, histogram: Uint32Array, from: number): number {
  let sum = 0
  for (let b = 0; b < quantiles; b++) {
    sum += column[b]!
    histogram[from + ((column[b]! * 10 + 0.5) | 0)]!++
  }
  return sum
}

/** Weights of the draws in which the product is first. */
function noteCentral(
  weights: Float64Array,
  credit: Float64Array,
  criteria: number,
  central: Float64Array,
  product: number,
): void {
  for (let j = 0; j < (weights.length === 0 ? 0 : criteria); j++) {
    let sum = 0
    for (let b = 0; b < quantiles; b++) sum += credit[b]! * weights[j * quantiles + b]!
    central[product * criteria + j]! += sum
  }
}

/** Ranks of a block: those that tie share the ranks that they take together. Column by column. */
function countRanks(scores: Float64Array, { products, ranks }: Tally): void {
  const better = new Uint8Array(quantiles)
  const equal = new Uint8Array(quantiles)
  for (let product = 0; product < products; product++) {
    const own = columnOf(scores, product)
    better.fill(0)
    equal.fill(0)
    for (let other = 0; other < products; other++) compareColumns(own, columnOf(scores, other), better, equal)
    const from = product * products
    for (let k = 0; k < quantiles; k++) {
      const share = 1 / equal[k]!
      for (let rank = better[k]!; rank < better[k]! + equal[k]!; rank++) ranks[from + rank]! += share
    }
  }
}

function compareColumns(own: Float64Array, other: Float64Array, better: Uint8Array, equal: Uint8Array): void {
  for (let k = 0; k < quantiles; k++) {
    better[k]! += other[k]! > own[k]! ? 1 : 0
    equal[k]! += other[k]! === own[k]! ? 1 : 0
  }
}

/** Largest standard error of a chance of first, from the scatter between blocks. */
function standardErrorOf({ first, squares }: Tally, blocks: number): number {
  if (blocks < 2) return Infinity
  let largest = 0
  for (let product = 0; product < first.length; product++) {
    const mean = first[product]! / blocks
    const variance = Math.max(0, squares[product]! / blocks - mean * mean) / (blocks - 1)
    largest = Math.max(largest, Math.sqrt(variance))
  }
  return largest
}

function resultOf(tally: Tally, blocks: number): Acceptability {
  const { products, criteria, first, sums, histogram, ranks, central } = tally
  const draws = blocks * quantiles
  const rowsOf = (flat: Float64Array, width: number, of: (product: number) => number): number[][] =>
    flat.length === 0
      ? []
      : Array.from({ length: products }, (_, product) =>
          Array.from(flat.subarray(product * width, (product + 1) * width), (sum) => {
            const divisor = of(product)
            return divisor === 0 ? 0 : sum / divisor
          }),
        )
  return {
    draws,
    first: Array.from(first, (sum) => sum / blocks),
    standardError: standardErrorOf(tally, blocks),
    scores: Array.from(sums, (sum, product) => ({
      mean: sum / draws,
      low: quantileOf(histogram, product * bins, 0.025 * draws),
      high: quantileOf(histogram, product * bins, 0.975 * draws),
      above: aboveTens(histogram.subarray(product * bins, (product + 1) * bins), draws),
    })),
    ranks: rowsOf(ranks, products, () => draws),
    central: rowsOf(central, criteria, (product) => first[product]! * quantiles),
  }
}

/** Share of draws above each ten of points. */
function aboveTens(histogram: Uint32Array, draws: number): number[] {
  const above = new Array<number>(10).fill(0)
  let sum = 0
  for (let bin = bins - 1; bin > 0; bin--) {
    sum += histogram[bin]!
    if ((bin - 1) % 100 === 0) above[(bin - 1) / 100] = sum / draws
  }
  return above
}

/** Score below which so many of the draws lie. */
function quantileOf(histogram: Uint32Array, from: number, count: number): number {
  let below = 0
  for (let bin = 0; bin < bins; bin++) {
    const own = histogram[from + bin]!
    if (below + own >= count && own > 0) return Math.min(100, Math.max(0, (bin - 0.5 + (count - below) / own) / 10))
    below += own
  }
  return 100
}
