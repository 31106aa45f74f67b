import { quantiles, type DrawProblem } from './draw-problem.ts'
import { productGroups } from './product-groups.ts'
import { sfc32 } from './random.ts'

/** In so many ways the draws of independent products are put beside each other. */
const pairings = 4

/** Hears in which draws of a block a product is first: its credit by draw, parted between those that tie. */
export type Credited = (product: number, credit: Float64Array) => void

/**
 * Counts who is first in blocks of draws. Products that are independent of each other are counted in several pairings
 * of the same draws, which says more than one: the score of one is as likely beside any of another's.
 *
 * Source: the U-statistic of several samples, Hoeffding, Annals of Mathematical Statistics 19 (1948) 293-325, from
 * memory.
 *
 * @param problem whose scores are drawn
 * @param credited told of each draw; then the draws are paired as they came
 * @returns a function from a block of scores, product after product, to each one's share of first places
 * @example [...firstPlaces(twoProducts)(new Float64Array(2048))] // => [0.5, 0.5]
 */
export function firstPlaces(problem: DrawProblem, credited?: Credited): (scores: Float64Array) => Float64Array {
  const { products } = problem
  const isPaired = problem.draw === 'fixed' && credited === undefined
  const groups = productGroups(problem)
  const next = sfc32(problem.seed + 1)
  const counter = newCounter(products)
  return (scores) => {
    const shares = new Float64Array(products)
    for (let pairing = 0; pairing < (isPaired ? pairings : 1); pairing++) {
      const places = groups.map(() => (isPaired ? next() & last : 0))
      for (let product = 0; product < products; product++)
        counter.columns[product] = { column: columnOf(scores, product), from: places[groups[product]!]! }
      addFirsts(counter, shares, credited)
    }
    counter.order.sort((a, b) => shares[b]! - shares[a]!)
    return shares.map((count) => count / (quantiles * (isPaired ? pairings : 1)))
  }
}

const last = quantiles - 1

/** The scores of one product of a block. */
export const columnOf = (scores: Float64Array, product: number): Float64Array =>
  scores.subarray(product * quantiles, (product + 1) * quantiles)

interface Counter {
  /** Scores of each product, and the draw where they are read from. */
  columns: { column: Float64Array; from: number }[]
  /** Products, those that were first most often before the others: so few draws change the one who leads. */
  order: number[]
  best: Float64Array
  first: Uint16Array
  ties: Float64Array
  credit: Float64Array
}

const newCounter = (products: number): Counter => ({
  columns: Array.from({ length: products }, () => ({ column: new Float64Array(quantiles), from: 0 })),
  order: Array.from({ length: products }, (_, product) => product),
  best: new Float64Array(quantiles),
  first: new Uint16Array(quantiles),
  ties: new Float64Array(quantiles),
  credit: new Float64Array(quantiles),
})

function addFirsts(counter: Counter, shares: Float64Array, credited?: Credited): void {
  const { order, first, best, ties, credit } = counter
  best.fill(-1)
  let tied = false
  for (const product of order) tied = noteFirst(counter, product) || tied
  if (!tied && !credited) {
    for (let draw = 0; draw < quantiles; draw++) shares[first[draw]!]!++
    return
  }
  ties.fill(0)
  for (const product of order) noteTies(counter, product)
  for (const product of order) {
    shares[product]! += creditOf(counter, product)
    credited?.(product, credit)
  }
}

/** Notes the draws in which a product leads, and says whether it was ever level with the one who led. */
function noteFirst({ columns, best, first }: Counter, product: number): boolean {
  const { column, from } = columns[product]!
  let level = 0
  for (let draw = 0; draw < quantiles; draw++) {
    const score = column[(draw + from) & last]!
    const led = best[draw]!
    if (score > led) {
      best[draw] = score
      first[draw] = product
    } else if (score === led) level++
  }
  return level > 0
}

function noteTies({ columns, best, ties }: Counter, product: number): void {
  const { column, from } = columns[product]!
  for (let draw = 0; draw < quantiles; draw++) if (column[(draw + from) & last] === best[draw]) ties[draw]!++
}

function creditOf({ columns, best, ties, credit }: Counter, product: number): number {
  const { column, from } = columns[product]!
  let sum = 0
  for (let draw = 0; draw < quantiles; draw++) {
    const own = column[(draw + from) & last] === best[draw] ? 1 / ties[draw]! : 0
    credit[draw] = own
    sum += own
  }
  return sum
}
