import { quantiles } from '#core/score/draw-problem.ts'

/** So many ranges of what is to be known the draws are parted into, each as likely. */
export const ranges = 6

/** How often each product is first in each range: range after range. The two are of one half of the draws each. */
export type Halves = readonly [Float64Array, Float64Array]

/**
 * Who is first in each draw of a block; of those that tie the one that is named before.
 *
 * @param scores product after product, a column of 1,024 each
 * @param products how many
 * @example firstOfDraws(new Float64Array(2048).fill(5), 2)[0] // => 0
 */
export function firstOfDraws(scores: Float64Array, products: number): Uint8Array {
  const first = new Uint8Array(quantiles)
  const best = scores.slice(0, quantiles)
  for (let product = 1; product < products; product++)
    noteBetter(scores.subarray(product * quantiles, (product + 1) * quantiles), product, best, first)
  return first
}

function noteBetter(column: Float64Array, product: number, best: Float64Array, first: Uint8Array): void {
  for (let k = 0; k < quantiles; k++) {
    if (column[k]! <= best[k]!) continue
    best[k] = column[k]!
    first[k] = product
  }
}

/**
 * Adds who is first in the draws of a block to the counts of the ranges that they fall into.
 *
 * @param counts range after range
 * @param rangeOf range of each draw
 * @param first product of each draw
 * @param products how many
 * @example countRanges(new Float64Array(12), new Uint8Array(1024), new Uint8Array(1024), 2) // => undefined
 */
export function countRanges(counts: Float64Array, rangeOf: Uint8Array, first: Uint8Array, products: number): void {
  for (let k = 0; k < quantiles; k++) counts[rangeOf[k]! * products + first[k]!]!++
}

/**
 * Draws in which the likeliest of a range is first: which that is, is learned from one half of the draws and counted in
 * the other, so that chance alone gives no gain.
 *
 * @param halves counts by range and product, see {@link countRanges}
 * @param products how many
 * @example rightWhenKnown([new Float64Array(12).fill(1), new Float64Array(12).fill(1)], 2) // => 12
 */
export function rightWhenKnown([one, other]: Halves, products: number): number {
  let right = 0
  for (let range = 0; range < ranges; range++) {
    const [a, b] = [one, other].map((half) => half.subarray(range * products, (range + 1) * products)) as [
      Float64Array,
      Float64Array,
    ]
    right += (b[likeliest(a)] ?? 0) + (a[likeliest(b)] ?? 0)
  }
  return right
}

const likeliest = (counts: Float64Array): number =>
  counts.reduce((best, count, at) => (count > (counts[best] ?? 0) ? at : best), 0)
