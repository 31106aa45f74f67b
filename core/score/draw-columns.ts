import { quantiles } from './draw-problem.ts'

/** Normal scores for which the points of an open cell are tabulated, on either side of nought: none is drawn beyond. */
export const reach = 6
/** So many steps has that table: a power of two, so that a mask keeps a place inside it. */
export const normalSteps = 2 * quantiles
const steps = normalSteps / (2 * reach)

/** Bits of the part of a step, where normal scores are whole numbers: their sum is a place once it is shifted. */
const fraction = 16
const inside = normalSteps - 1

/**
 * A normal score in whole parts of a step: sums of such are places in a table of points, without a conversion a draw.
 *
 * @param score in standard deviations
 * @example wholeScore(1) // => 11184811
 */
export const wholeScore = (score: number): number => Math.round(score * steps * 2 ** fraction)

/** Adds points in sequence, weighted. Plain loops over typed arrays: they are compiled to a few instructions a draw. */
export function addPoints(column: Float64Array, points: Float32Array, weight: number): void {
  for (let k = 0; k < quantiles; k++) column[k]! += weight * points[k]!
}

/** Adds the points of four cells: the column is read and written once for four. */
export function addFourPoints(
  column: Float64Array,
  [a, b, c, d]: readonly [Float32Array, Float32Array, Float32Array, Float32Array],
  [weightA, weightB, weightC, weightD]: readonly [number, number, number, number],
): void {
  for (let k = 0; k < quantiles; k++)
    column[k]! += weightA * a[k]! + weightB * b[k]! + (weightC * c[k]! + weightD * d[k]!)
}

/** Adds points in sequence, each with a weight of its own. */
export function addWeightedPoints(column: Float64Array, points: Float32Array, weights: Float64Array): void {
  for (let k = 0; k < quantiles; k++) column[k]! += weights[k]! * points[k]!
}

/**
 * Where in tables over normal scores the points of a cell stand.
 *
 * @param places filled by this
 * @param shared part of the normal scores that all cells of a product have, in whole parts from the table's begin
 * @param own part of this cell alone, in whole parts
 */
export function findPlaces(places: Uint16Array, shared: Int32Array, own: Int32Array): void {
  for (let k = 0; k < quantiles; k++) places[k] = ((shared[k]! + own[k]!) >>> fraction) & inside
}

/** Looks points up at their places, see {@link findPlaces}. */
export function lookUpPoints(points: Float32Array, table: Float32Array, shared: Int32Array, own: Int32Array): void {
  for (let k = 0; k < quantiles; k++) points[k] = table[((shared[k]! + own[k]!) >>> fraction) & inside]!
}

/** Adds the points of two cells at their places, weighted: the column is read and written once for both. */
export function addTwoLookedUp(
  column: Float64Array,
  shared: Int32Array,
  [tableA, tableB]: readonly [Float32Array, Float32Array],
  [a, b]: readonly [Int32Array, Int32Array],
  [weightA, weightB]: readonly [number, number],
): void {
  for (let k = 0; k < quantiles; k++)
    column[k]! +=
      weightA * tableA[((shared[k]! + a[k]!) >>> fraction) & inside]! +
      weightB * tableB[((shared[k]! + b[k]!) >>> fraction) & inside]!
}

/** Holds scores between nought and the product's cap; far below nought means a drawn fault that ends the discussion. */
export function limitScores(column: Float64Array, cap: number, faultCap: number): void {
  for (let k = 0; k < quantiles; k++) {
    const score = column[k]!
    column[k] = score < -100 ? Math.min(cap, faultCap) : score < 0 ? 0 : score > cap ? cap : score
  }
}
