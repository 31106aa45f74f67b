import { quantiles } from './draw-problem.ts'

/** Normal scores for which the points of an open cell are tabulated, on either side of nought: none is drawn beyond. */
export const reach = 6
/** So many steps has that table: a power of two, so that a mask keeps a place inside it. */
export const normalSteps = 2 * quantiles
const steps = normalSteps / (2 * reach)

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
 * Looks points up by normal scores.
 *
 * @param into points
 * @param places in the table that they were read from
 * @param table points over normal scores, see {@link reach}
 * @param shared part of the normal scores that all cells of a product have
 * @param own part of this cell alone, to be multiplied by `share`
 */
export function lookUpPoints(
  into: Float32Array,
  places: Uint16Array,
  table: Float32Array,
  shared: Float32Array,
  own: Float32Array,
  share: number,
): void {
  for (let k = 0; k < quantiles; k++) {
    const place = ((shared[k]! + share * own[k]! + reach) * steps) & (normalSteps - 1)
    places[k] = place
    into[k] = table[place]!
  }
}

/** Holds scores between nought and the product's cap; far below nought means a drawn fault that ends the discussion. */
export function limitScores(column: Float64Array, cap: number, faultCap: number): void {
  for (let k = 0; k < quantiles; k++) {
    const score = column[k]!
    column[k] = score < -100 ? Math.min(cap, faultCap) : score < 0 ? 0 : score > cap ? cap : score
  }
}
