import { sfc32 } from './random.ts'

/** Steps of a table of quantiles. */
export const quantiles = 128

/** How the weights are drawn: as the school has them, around them, or free of any. */
export type WeightDraw = 'fixed' | 'around' | 'free'

/** A stochastic multicriteria problem in flat arrays, products by criteria. */
export interface SmaaProblem {
  products: number
  criteria: number
  /** Points 0 to 10 at the middles of 128 equal shares of chance, product by product, criterion by criterion. */
  points: Float32Array
  /** Whether a criterion counts for a product, 1 or 0. */
  applies: Uint8Array
  /** Weights of the school. */
  weights: Float64Array
  /** Highest score of each product, 0 to 100: below 100 where a fault caps it. */
  caps: Float64Array
  draw: WeightDraw
  /** With `around`: each weight is drawn evenly within this share of itself, above and below. */
  spread: number
  draws: number
  seed: number
}

export interface SmaaResult {
  draws: number
  /** Share of draws in which a product is at a rank: product by product, rank by rank. Rank acceptability index. */
  ranks: Float64Array
  /**
   * Mean weights of the draws in which a product is first: product by product. Central weight vector; zeros when it
   * never is.
   */
  central: Float64Array
}

const chunk = 2000

/**
 * Stochastic multicriteria acceptability analysis: points are drawn from their chances, weights as asked, and
 * the share of draws counted in which each product is at each rank.
 *
 * Weights that are free are even over the simplex (normalised exponentials). Products are scored by the weighted
 * mean over the criteria that count for them, so that one draw of weights serves all. Equal scores are ranked in
 * the order of the products.
 *
 * Source: SMAA-2, Lahdelma and Salminen, Operations Research 49 (2001) 444-454; rank acceptability indices and
 * central weight vectors as defined there.
 *
 * @param problem flat arrays, see {@link SmaaProblem}
 * @yields the share that is done, 0 to 1, a chunk of draws at a time
 * @returns shares and central weights
 * @example runSmaa(twoProducts).ranks[0] // => 1
 */
export function* smaaSteps(problem: SmaaProblem): Generator<number, SmaaResult> {
  const { products: n, criteria: m, draws } = problem
  const work = prepare(problem)
  for (let done = 0; done < draws;) {
    const count = Math.min(chunk, draws - done)
    drawMany(problem, work, count)
    done += count
    yield done / draws
  }

  const { ranks, central } = work
  for (let i = 0; i < n; i++) {
    const wins = ranks[i * n]!
    if (wins > 0) for (let j = 0; j < m; j++) central[i * m + j]! /= wins
  }
  for (let k = 0; k < ranks.length; k++) ranks[k]! /= draws
  return { draws, ranks, central }
}

/**
 * The whole analysis at once.
 *
 * @example runSmaa(twoProducts).draws // => 1000
 */
export function runSmaa(problem: SmaaProblem): SmaaResult {
  const steps = smaaSteps(problem)
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

/** Arrays of the work: what is the same in every draw, apart from what must be drawn. */
interface Work {
  next: () => number
  /** Points that are the same in every draw, product by product. */
  constant: Float64Array
  /** Criteria that are drawn, product after product, each with its table; `from` parts the products. */
  varying: Int32Array
  tables: Float32Array
  from: Int32Array
  /** 1 where all criteria count. */
  whole: Uint8Array
  /** Random bytes and where the next is taken. */
  words: Uint32Array
  bytes: Uint8Array
  at: number
  weights: Float64Array
  scores: Float64Array
  ranks: Float64Array
  central: Float64Array
}

function prepare({ products: n, criteria: m, points, applies, weights: given, seed }: SmaaProblem): Work {
  const constant = new Float64Array(n * m)
  const varying: number[] = []
  const from = new Int32Array(n + 1)
  const whole = new Uint8Array(n).fill(1)
  const tableOf = (i: number, j: number) => points.subarray((i * m + j) * quantiles, (i * m + j + 1) * quantiles)
  for (let i = 0; i < n; i++) {
    for (let j = 0; j < m; j++) {
      const table = tableOf(i, j)
      if (applies[i * m + j] === 0) whole[i] = 0
      else if (table.every((one) => one === table[0])) constant[i * m + j] = table[0]!
      else varying.push(j)
    }
    from[i + 1] = varying.length
  }
  const tables = new Float32Array(varying.length * quantiles)
  for (let i = 0; i < n; i++)
    for (let k = from[i]!; k < from[i + 1]!; k++) tables.set(tableOf(i, varying[k]!), k * quantiles)
  const words = new Uint32Array(Math.max(4096, Math.ceil(varying.length / 4)))
  const weights = new Float64Array(m)
  normalise(weights, given)
  return {
    next: sfc32(seed),
    constant,
    varying: Int32Array.from(varying),
    tables,
    from,
    whole,
    words,
    bytes: new Uint8Array(words.buffer),
    at: words.byteLength,
    weights,
    scores: new Float64Array(n),
    ranks: new Float64Array(n * n),
    central: new Float64Array(n * m),
  }
}

const uniform = 1 / 4294967296

function drawWeights({ criteria: m, weights: given, draw, spread }: SmaaProblem, { next, weights }: Work): void {
  let sum = 0
  for (let j = 0; j < m; j++) {
    const w =
      draw === 'free' ? -Math.log((next() + 0.5) * uniform) : given[j]! * (1 + spread * (2 * next() * uniform - 1))
    weights[j] = w
    sum += w
  }
  for (let j = 0; j < m; j++) weights[j]! /= sum
}

/**
 * So many draws, counted into ranks and central weights. A plain function, since the loops of a generator are not
 * compiled well.
 */
function drawMany(problem: SmaaProblem, work: Work, count: number): void {
  const { products: n, criteria: m, applies, caps, draw } = problem
  const { next, constant, varying, tables, from, whole, words, bytes, weights, scores, ranks, central } = work
  let at = work.at
  for (let done = 0; done < count; done++) {
    if (draw !== 'fixed') drawWeights(problem, work)
    if (at + varying.length > bytes.length) {
      for (let k = 0; k < words.length; k++) words[k] = next()
      at = 0
    }
    for (let i = 0; i < n; i++) {
      const row = i * m
      let sum = 0
      for (let j = 0; j < m; j++) sum += weights[j]! * constant[row + j]!
      const end = from[i + 1]!
      for (let k = from[i]!; k < end; k++)
        sum += weights[varying[k]!]! * tables[k * quantiles + (bytes[at++]! & (quantiles - 1))]!
      let weight = 1
      if (whole[i] === 0) {
        weight = 0
        for (let j = 0; j < m; j++) if (applies[row + j] === 1) weight += weights[j]!
      }
      scores[i] = Math.min(caps[i]!, weight === 0 ? 0 : (10 * sum) / weight)
    }
    let first = 0
    for (let i = 0; i < n; i++) {
      let rank = 0
      const own = scores[i]!
      for (let other = 0; other < n; other++) if (scores[other]! > own || (scores[other] === own && other < i)) rank++
      ranks[i * n + rank]!++
      if (rank === 0) first = i
    }
    for (let j = 0; j < m; j++) central[first * m + j]! += weights[j]!
  }
  work.at = at
}

function normalise(into: Float64Array, weights: Float64Array): void {
  const sum = weights.reduce((all, weight) => all + weight, 0)
  for (let j = 0; j < weights.length; j++) into[j] = sum === 0 ? 0 : weights[j]! / sum
}
