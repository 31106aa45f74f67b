import { normalQuantile, normalShare } from '#core/quantity/normal.ts'
import {
  addFourPoints,
  addPoints,
  addTwoLookedUp,
  addWeightedPoints,
  findPlaces,
  limitScores,
  lookUpPoints,
  normalSteps,
  reach,
  wholeScore,
} from './draw-columns.ts'
import { cellKinds, quantiles, type DrawProblem } from './draw-problem.ts'
import { sfc32 } from './random.ts'

/** Turns a random whole number into a share from nought to below one. */
const uniform = 1 / 4294967296

/** One cell that differs from draw to draw. */
interface VaryingCell {
  product: number
  criterion: number
  /** Number of the cells that it is drawn together with, or nought. */
  link: number
  /** Of a known cell its points in shuffled order, twice over; of an open one its points by rising normal score. */
  table: Float32Array
}

interface DrawnProduct {
  known: VaryingCell[]
  open: VaryingCell[]
  /** Criteria whose points are the same in every draw. */
  constant: { criterion: number; points: number }[]
  /** Criteria that count in the mean: penalties do not. */
  averaged: number[]
  cap: number
  quality: { mean: number; deviation: number }
}

/**
 * Hears what is drawn of an open cell, product and criterion by number: the places of its points in their table by
 * normal score, see {@link byNormalScore}. The places are overwritten by the next.
 */
export type OpenPoints = (product: number, criterion: number, places: Uint16Array, table: Float32Array) => void

/** Draws scores block by block; the columns are overwritten by the next block. */
export interface ScoreDrawing {
  /** Product after product, a column of {@link quantiles} scores each. */
  scores: Float64Array
  /** Criterion after criterion, a column of weights each, as shares of their sum; empty where they are fixed. */
  weights: Float64Array
  /** Draws the next block. */
  next(): void
}

/**
 * Scores of all products in blocks of 1,024 draws, column by column.
 *
 * Each cell's table of equally likely points is shuffled once and read in sequence from a place that is drawn anew for
 * each block, so that a block holds every share of chance of every cell once: a Latin hypercube. What is open of one
 * product is drawn through its quality, a common factor, so that an all in all good filter is likely to be good in
 * what was not looked at as well.
 *
 * Source: McKay, Beckman and Conover, Technometrics 21 (1979) 239-245 for the sampling; the single common factor is
 * that of factor analysis. Both from memory.
 *
 * @param problem see {@link DrawProblem}
 * @param observe told what is drawn of each open cell, where the weights are fixed
 * @example scoreDrawing(twoProducts).scores.length // => 2048
 */
export function scoreDrawing(problem: DrawProblem, observe?: OpenPoints): ScoreDrawing {
  const { products, criteria, draw, cap } = problem
  const next = sfc32(problem.seed)
  const source = drawingSource(problem, next, observe)
  const drawn = Array.from({ length: products }, (_, product) => drawnProduct(problem, product, next))
  const scores = new Float64Array(products * quantiles)
  const weights = new Float64Array(draw === 'fixed' ? 0 : criteria * quantiles)
  const given = shares(problem.weights)
  return {
    scores,
    weights,
    next() {
      source.drawPlaces()
      if (draw !== 'fixed') drawWeights(problem, weights, next)
      for (const [index, product] of drawn.entries()) {
        const column = scores.subarray(index * quantiles, (index + 1) * quantiles)
        if (product.open.length > 0) source.drawQuality(product)
        if (draw === 'fixed') addFixed(column, product, given, source)
        else addDrawn(column, product, weights, source)
        limitScores(column, product.cap, cap)
      }
    },
  }
}

/** Where points are read from, in the order of the draws. */
interface DrawingSource {
  /** Draws where the tables of cells that belong together are read from in the block that begins. */
  drawPlaces(): void
  /** A whole turn of a cell's table, from a place that is drawn. */
  from(cell: VaryingCell): Float32Array
  /** Draws the quality of one product. */
  drawQuality(product: DrawnProduct): void
  /** What that quality gives to the normal scores of every open cell of the product, see {@link wholeScore}. */
  shared: Int32Array
  /** What an open cell has of its own in those, from a place that is drawn. */
  ownOf(cell: VaryingCell): Int32Array
}

function drawingSource({ correlation, links }: DrawProblem, next: () => number, observe?: OpenPoints): DrawingSource {
  const normals = twice(shuffled(normalScores(), next))
  const own = Int32Array.from(normals, (score) => wholeScore(Math.sqrt(1 - correlation) * score))
  const shared = new Int32Array(quantiles)
  const observed = new Uint16Array(quantiles)
  const places = new Uint16Array(links.reduce((most, link) => Math.max(most, link), 0) + 1)
  const place = (): number => next() & (quantiles - 1)
  return {
    drawPlaces() {
      for (let link = 1; link < places.length; link++) places[link] = place()
    },
    from: ({ table, link }) => table.subarray(link === 0 ? place() : places[link]),
    shared,
    drawQuality({ quality: { mean, deviation } }) {
      const drawn = normals.subarray(place())
      const part = Math.sqrt(correlation)
      for (let k = 0; k < quantiles; k++) shared[k] = wholeScore(part * (mean + deviation * drawn[k]!) + reach)
    },
    ownOf({ product, criterion, table }) {
      const drawn = own.subarray(place())
      if (observe) {
        findPlaces(observed, shared, drawn)
        observe(product, criterion, observed, table)
      }
      return drawn
    },
  }
}

/** A column of scores by weights that are the same in every draw. */
function addFixed(
  column: Float64Array,
  { known, open, constant, averaged }: DrawnProduct,
  given: Float64Array,
  { from, shared, ownOf }: DrawingSource,
): void {
  const share = averaged.reduce((sum, criterion) => sum + given[criterion]!, 0)
  const weightOf = ({ criterion }: { criterion: number }) => (share === 0 ? 0 : (10 * given[criterion]!) / share)
  column.fill(constant.reduce((sum, cell) => sum + weightOf(cell) * cell.points, 0))
  const fours = known.length - (known.length % 4)
  for (let k = 0; k < fours; k += 4) {
    const [a, b, c, d] = [known[k]!, known[k + 1]!, known[k + 2]!, known[k + 3]!]
    addFourPoints(column, [from(a), from(b), from(c), from(d)], [weightOf(a), weightOf(b), weightOf(c), weightOf(d)])
  }
  for (const cell of known.slice(fours)) addPoints(column, from(cell), weightOf(cell))
  const pairs = open.length - (open.length % 2)
  for (let k = 0; k < pairs; k += 2) {
    const [a, b] = [open[k]!, open[k + 1]!]
    addTwoLookedUp(column, shared, [a.table, b.table], [ownOf(a), ownOf(b)], [weightOf(a), weightOf(b)])
  }
  for (const cell of open.slice(pairs)) {
    const points = new Float32Array(quantiles)
    lookUpPoints(points, cell.table, shared, ownOf(cell))
    addPoints(column, points, weightOf(cell))
  }
}

const ones = new Float32Array(quantiles).fill(1)

/** A column of scores by weights of each draw. */
function addDrawn(
  column: Float64Array,
  { known, open, constant, averaged }: DrawnProduct,
  weights: Float64Array,
  { from, shared, ownOf }: DrawingSource,
): void {
  const weightsOf = (criterion: number) => weights.subarray(criterion * quantiles, (criterion + 1) * quantiles)
  const divisor = new Float64Array(quantiles)
  column.fill(0)
  for (const { criterion, points } of constant)
    if (points !== 0)
      addWeightedPoints(
        column,
        ones.map(() => points),
        weightsOf(criterion),
      )
  for (const cell of known) addWeightedPoints(column, from(cell), weightsOf(cell.criterion))
  const points = new Float32Array(quantiles)
  for (const cell of open) {
    lookUpPoints(points, cell.table, shared, ownOf(cell))
    addWeightedPoints(column, points, weightsOf(cell.criterion))
  }
  for (const criterion of averaged) addWeightedPoints(divisor, ones, weightsOf(criterion))
  for (let k = 0; k < quantiles; k++) column[k] = divisor[k] === 0 ? 0 : (10 * column[k]!) / divisor[k]!
}

function drawnProduct(problem: DrawProblem, product: number, next: () => number): DrawnProduct {
  const { criteria, points, kinds, links, penalty, quality, caps } = problem
  const drawn: DrawnProduct = {
    known: [],
    open: [],
    constant: [],
    averaged: [],
    cap: caps[product]!,
    quality: { mean: quality[2 * product]!, deviation: quality[2 * product + 1]! },
  }
  for (let criterion = 0; criterion < criteria; criterion++) {
    const cell = product * criteria + criterion
    if (kinds[cell] === cellKinds.none) continue
    if (penalty[criterion] === 0) drawn.averaged.push(criterion)
    const table = points.slice(cell * quantiles, (cell + 1) * quantiles)
    if (table.every((one) => one === table[0])) drawn.constant.push({ criterion, points: table[0]! })
    else if (kinds[cell] === cellKinds.open)
      drawn.open.push({ product, criterion, link: 0, table: byNormalScore(table) })
    else {
      const link = links[cell] ?? 0
      drawn.known.push({ product, criterion, link, table: twice(link === 0 ? shuffled(table, next) : table) })
    }
  }
  return drawn
}

/** Place in a rising table for each step of normal scores. */
const placeOfStep = Uint16Array.from({ length: normalSteps }, (_, k) => {
  const score = ((k + 0.5) / normalSteps) * 2 * reach - reach
  return Math.min(quantiles - 1, Math.floor(normalShare(score) * quantiles))
})

/**
 * Rising points as a table over normal scores.
 *
 * @param table of {@link quantiles} points that are equally likely, rising
 * @returns points by step of the normal score
 * @example byNormalScore(new Float32Array(1024).fill(5))[0] // => 5
 */
export function byNormalScore(table: Float32Array): Float32Array {
  const byStep = new Float32Array(normalSteps)
  for (let k = 0; k < normalSteps; k++) byStep[k] = table[placeOfStep[k]!]!
  return byStep
}

const normalScores = (): Float32Array =>
  Float32Array.from({ length: quantiles }, (_, k) => normalQuantile((k + 0.5) / quantiles))

/** The same values in an order that is drawn: Fisher and Yates. */
function shuffled(values: Float32Array, next: () => number): Float32Array {
  for (let k = values.length - 1; k > 0; k--) {
    const other = Math.floor(next() * uniform * (k + 1))
    const kept = values[k]!
    values[k] = values[other]!
    values[other] = kept
  }
  return values
}

/** A table twice over, so that a whole turn can be read in sequence from any place. */
function twice(values: Float32Array): Float32Array {
  const both = new Float32Array(2 * values.length)
  both.set(values)
  both.set(values, values.length)
  return both
}

function shares(weights: Float64Array): Float64Array {
  const sum = weights.reduce((all, weight) => all + weight, 0)
  return weights.map((weight) => (sum === 0 ? 0 : weight / sum))
}

/** Weights as shares of their sum: around the school, or even over all there may be (normalised exponentials). */
function drawWeights(
  { criteria, weights: given, draw, spread }: DrawProblem,
  into: Float64Array,
  next: () => number,
): void {
  for (let k = 0; k < quantiles; k++) {
    let sum = 0
    for (let j = 0; j < criteria; j++) {
      const weight =
        draw === 'free' ? -Math.log((next() + 0.5) * uniform) : given[j]! * (1 + spread * (2 * next() * uniform - 1))
      into[j * quantiles + k] = weight
      sum += weight
    }
    for (let j = 0; j < criteria; j++) into[j * quantiles + k]! /= sum
  }
}
