import type { Row } from '#core/compare/lineup.ts'
import { cellKinds, quantiles, type DrawProblem } from '#core/score/draw-problem.ts'
import { byNormalScore, scoreDrawing } from '#core/score/draw-scores.ts'
import { callOf, type Call } from './call.ts'
import { judgementProblem } from './judgement.ts'
import { contenders, type EvaluatedRevision } from './ranking.ts'
import { countRanges, firstOfDraws, ranges as bins, rightWhenKnown } from './first-by-range.ts'
import { toBeKnown, type ToTake } from './to-be-known.ts'

/** What a reading may come to, and what would be said then. */
export interface Outcome {
  /** Points from and to, as drawn. */
  least: number
  most: number
  /** Chance that it comes to this. */
  share: number
  call: Call
}

/** A reading that is open, and what it is worth to take it. */
export interface NextReading extends ToTake {
  column: string
  criterion: string
  label: string
  attribute: string
  /** By how much the chance of naming the right one grows, 0 to 1. */
  gain: number
  outcomes: Outcome[]
}

const blocks = 32

/** An open cell with the points that part its ranges, and how often each product is first in each. */
interface OpenCell {
  product: number
  criterion: number
  edges: number[]
  /** Range by the place of points in the cell's table. */
  rangeOfPlace: Uint8Array
  /** Half of the draws, range and product: counts. */
  firsts: [Float64Array, Float64Array]
  /** Range of each draw of the block. */
  ranges: Uint8Array
}

/**
 * What to measure next: for each open reading that can still be taken, by how much the chance of naming the right one
 * grows when it is known, the most a minute first.
 *
 * Expected value of partial perfect information: the draws are parted by what the reading comes to, and within each
 * part the likeliest is named. Which that is, is learned from one half of the draws and counted in the other, so that
 * chance alone gives no gain.
 *
 * Source: Brennan, Kharroubi, O'Hagan and Chilcott, Medical Decision Making 27 (2007) 448-470; parting the draws is the
 * single-parameter regression of Strong, Oakley and Brennan 2014 with steps. Both from memory.
 *
 * @param evaluated all columns
 * @param rows of the line-up, which say what a figure still lacks
 * @returns those that gain anything
 * @example nextReadings([leader, next], rows) // => []
 */
export function nextReadings(evaluated: readonly EvaluatedRevision[], rows: readonly Row[]): NextReading[] {
  const judged = contenders(evaluated)
  if (judged.length < 2) return []
  const problem = judgementProblem(judged)
  const cells = openCells(problem).filter(({ product, criterion }) => {
    const revision = judged[product]!
    return toBeKnown(revision.score.lines[criterion]!.criterion.attribute, revision, rows) !== undefined
  })
  const firsts = countFirsts(problem, cells)
  const all = firsts[0].map((count, product) => count + (firsts[1][product] ?? 0))
  const draws = blocks * quantiles
  const now = Math.max(...all) / draws
  return cells
    .flatMap((cell): NextReading[] => {
      const revision = judged[cell.product]
      const criterion = revision?.score.lines[cell.criterion]?.criterion
      if (!revision || !criterion) return []
      const gain = rightWhenKnown(cell.firsts, judged.length) / draws - now
      if (gain < leastGain) return []
      const toTake = toBeKnown(criterion.attribute, revision, rows)
      if (!toTake) return []
      return [
        {
          column: revision.id,
          criterion: criterion.key,
          label: criterion.label,
          attribute: criterion.attribute,
          gain,
          ...toTake,
          outcomes: outcomesOf(cell, judged),
        },
      ]
    })
    .sort((a, b) => b.gain / b.minutes - a.gain / a.minutes)
}

/** Gains below this are lost in the draws. */
export const leastGain = 0.003

function openCells({ products, criteria, kinds, points }: DrawProblem): OpenCell[] {
  const cells: OpenCell[] = []
  for (let product = 0; product < products; product++) {
    for (let criterion = 0; criterion < criteria; criterion++) {
      const cell = product * criteria + criterion
      if (kinds[cell] !== cellKinds.open) continue
      const table = points.subarray(cell * quantiles, (cell + 1) * quantiles)
      const edges = [
        ...new Set(Array.from({ length: bins - 1 }, (_, k) => table[Math.floor(((k + 1) / bins) * quantiles)] ?? 0)),
      ]
      const firsts = () => new Float64Array(bins * products)
      const rangeOfPlace = rangesOf(byNormalScore(table), edges)
      const ranges = new Uint8Array(quantiles)
      cells.push({ product, criterion, edges, rangeOfPlace, firsts: [firsts(), firsts()], ranges })
    }
  }
  return cells
}

/** Range of each of rising points: how many of the edges it reaches. */
function rangesOf(rising: Float32Array, edges: readonly number[]): Uint8Array {
  let reached = 0
  return Uint8Array.from(rising, (points) => {
    while (points >= (edges[reached] ?? Infinity)) reached++
    return reached
  })
}

/** Counts who is first, in each half of the draws, over all and by what each open cell comes to. */
function countFirsts(problem: DrawProblem, cells: readonly OpenCell[]): [Float64Array, Float64Array] {
  const { products } = problem
  const byPlace = new Map(cells.map((cell) => [cell.product * problem.criteria + cell.criterion, cell]))
  const drawing = scoreDrawing(problem, (product, criterion, places) => {
    const cell = byPlace.get(product * problem.criteria + criterion)
    if (cell) noteRanges(places, cell)
  })
  const firsts: [Float64Array, Float64Array] = [new Float64Array(products), new Float64Array(products)]
  for (let block = 0; block < blocks; block++) {
    drawing.next()
    const half = block % 2 === 0 ? 0 : 1
    const first = firstOfDraws(drawing.scores, products)
    for (const product of first) firsts[half][product] = (firsts[half][product] ?? 0) + 1
    for (const { firsts: own, ranges } of cells) countRanges(own[half], ranges, first, products)
  }
  return firsts
}

function noteRanges(places: Uint16Array, { rangeOfPlace, ranges }: OpenCell): void {
  for (let k = 0; k < quantiles; k++) ranges[k] = rangeOfPlace[places[k]!]!
}

/** What is said for each range that the reading may come to. */
function outcomesOf({ firsts: [one, other], edges }: OpenCell, judged: readonly EvaluatedRevision[]): Outcome[] {
  const products = judged.length
  return Array.from({ length: edges.length + 1 }, (_, range) => {
    const counts = judged.map(
      (_, product) => (one[range * products + product] ?? 0) + (other[range * products + product] ?? 0),
    )
    const count = counts.reduce((sum, each) => sum + each, 0)
    const call =
      count > 0 ? callOf(judged.map(({ id }, product) => ({ id, chance: (counts[product] ?? 0) / count }))) : undefined
    return {
      least: edges[range - 1] ?? -Infinity,
      most: edges[range] ?? Infinity,
      share: count / (blocks * quantiles),
      call,
    }
  }).flatMap(({ call, ...outcome }) => (call && outcome.share > 0 ? [{ ...outcome, call }] : []))
}
