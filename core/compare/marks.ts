import { areTied, leastDifference } from './difference.ts'
import { isInferred, type Cell, type Mark, type NumberCell, type WordsCell } from './cell.ts'

/** Points 0 to 10 of a cell of a row, by the key of the row; undefined when nothing judges it. */
export type CellPoints = (key: string, cell: Cell) => number | undefined

/** Why a row does not judge a column, by what else is known of it; undefined when it does. */
export type ReasonUnjudged = (key: string, column: CellsOfColumn) => string | undefined

/** Cells of a column by the key of their row, as a map is asked. */
export interface CellsOfColumn {
  get(key: string): Cell | undefined
}

/** Points of a cell of one row; undefined when nothing judges it. */
export type PointsOf = (cell: NumberCell | WordsCell) => number | undefined

/**
 * Which of two numbers is better: the one with more points, when both the numbers and their points differ by more
 * than their doubt. So it is for every rule, whether more is better, less, or a middle.
 *
 * @param among so many numbers of the row are compared with each other
 * @returns 1 when the first is better, -1 when the second is, 0 when neither
 * @example betterNumber(wall(0.5), wall(0.4), ({ value }) => value * 1e4, 2) // => 1
 */
export function betterNumber(a: NumberCell, b: NumberCell, pointsOf: PointsOf, among: number): 1 | -1 | 0 {
  const [p, q] = [pointsOf(a), pointsOf(b)]
  if (p === undefined || q === undefined || areTied(a, b, among)) return 0
  const doubt = Math.hypot(pointsDoubt(a, pointsOf), pointsDoubt(b, pointsOf))
  const apart = Math.hypot(a.u, b.u)
  const least = apart === 0 ? 0 : (leastDifference(a, b, among) * doubt) / apart
  return Math.abs(p - q) <= least + 1e-9 ? 0 : p > q ? 1 : -1
}

/** Standard uncertainty of the points of a number. */
function pointsDoubt(cell: NumberCell, pointsOf: PointsOf): number {
  const [above, below] = [cell.u, -cell.u].map((u) => pointsOf({ ...cell, value: cell.value + u }))
  return Math.abs((above ?? 0) - (below ?? 0)) / 2
}

/**
 * The cells of a row with the best and the worst marked.
 *
 * A number is best or worst only when it leads or trails by more than chance gives in one row of twenty; those within
 * it share the mark. Words are marked by their points, when all specimens of the column say the same, and when so
 * many differ from the rest that mistaken answers alone would do it in one row of twenty at most. What was inferred is
 * neither marked nor what others are marked against.
 *
 * @param cells of one row
 * @param pointsOf a cell
 * @param confusion chance that an answer of the row is mistaken for another
 * @example markCells([], () => undefined, 0) // => []
 */
export function markCells(cells: readonly Cell[], pointsOf: PointsOf, confusion: number): readonly Cell[] {
  const seen = cells.map((cell): Cell => (isInferred(cell) ? { state: 'missing' } : cell))
  const numbers = seen.filter((cell) => cell.state === 'number')
  const marks = numbers.length > 1 ? markNumbers(seen, numbers, pointsOf) : markWords(seen, pointsOf, confusion)
  return cells.map((cell, column) => (isInferred(cell) ? cell : (marks[column] ?? cell)))
}

function markNumbers(cells: readonly Cell[], numbers: NumberCell[], pointsOf: PointsOf): readonly Cell[] {
  const among = numbers.length
  const judged = numbers.flatMap((cell) => {
    const points = pointsOf(cell)
    return points === undefined ? [] : [{ cell, points }]
  })
  judged.sort((a, b) => b.points - a.points)
  const [best, worst] = [judged[0]?.cell, judged.at(-1)?.cell]
  if (!best || !worst || betterNumber(best, worst, pointsOf, among) === 0) return cells
  return cells.map((cell) => {
    if (cell.state !== 'number' || pointsOf(cell) === undefined) return cell
    const isBest = betterNumber(best, cell, pointsOf, among) === 0
    const isWorst = betterNumber(cell, worst, pointsOf, among) === 0
    if (isBest === isWorst) return cell
    return marked(cell, isBest ? 'best' : 'worst')
  })
}

/** Share of rows of equal products in which mistakes may set a mark. */
const falseRows = 0.05

function markWords(cells: readonly Cell[], pointsOf: PointsOf, confusion: number): readonly Cell[] {
  const points = cells.map((cell) =>
    cell.state === 'words' && new Set(cell.answers).size === 1 ? pointsOf(cell) : undefined,
  )
  const judged = points.filter((one) => one !== undefined)
  const [most, least] = [Math.max(...judged), Math.min(...judged)]
  if (judged.length < 2 || most === least) return cells
  const commonest = Math.max(...judged.map((one) => judged.filter((other) => other === one).length))
  if (chanceOfMistakes(judged.length - commonest, judged.length, confusion) > falseRows) return cells
  return cells.map((cell, column) => {
    if (cell.state !== 'words') return cell
    if (points[column] === most) return marked(cell, 'best')
    return points[column] === least ? marked(cell, 'worst') : cell
  })
}

/** Chance that at least so many of the answers are mistaken: binomial. */
function chanceOfMistakes(least: number, of: number, each: number): number {
  let [below, term] = [0, (1 - each) ** of]
  for (let mistaken = 0; mistaken < least; mistaken++) {
    below += term
    term *= ((of - mistaken) / (mistaken + 1)) * (each / (1 - each))
  }
  return 1 - below
}

const marked = <Marked extends Cell>(cell: Marked, mark: Mark): Cell => ({ ...cell, mark }) as Cell
