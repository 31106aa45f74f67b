import { areTied, type Cell, type Mark, type NumberCell } from './cell.ts'

/** What is liked better in a row: set by whoever judges it. */
export interface RowPreference {
  /** 1 when more is better, -1 when less is, 0 when neither. */
  direction: 1 | -1 | 0
  /** Points of answers; undefined when they are not judged. */
  pointsOf(answers: readonly string[]): number | undefined
}

/**
 * The cells of a row with the best and the worst marked.
 *
 * A number is best or worst only when it leads or trails by more than the expanded uncertainty of the
 * difference (k = 2); those within it share the mark. Words are marked by their points, when all specimens
 * of the column say the same.
 *
 * @param cells of one row
 * @param preference undefined when nothing judges the row
 * @example markCells([], undefined) // => []
 */
export function markCells(cells: readonly Cell[], preference: RowPreference | undefined): readonly Cell[] {
  if (!preference) return cells
  const numbers = cells.filter((cell) => cell.state === 'number')
  if (preference.direction !== 0 && numbers.length > 1) return markNumbers(cells, numbers, preference.direction)
  return markWords(cells, preference)
}

function markNumbers(cells: readonly Cell[], numbers: NumberCell[], direction: 1 | -1): readonly Cell[] {
  const ranked = [...numbers].sort((a, b) => direction * (b.value - a.value))
  const [best, worst] = [ranked[0], ranked.at(-1)]
  if (!best || !worst || areTied(best, worst)) return cells
  return cells.map((cell) => {
    if (cell.state !== 'number') return cell
    const [isBest, isWorst] = [areTied(cell, best), areTied(cell, worst)]
    if (isBest === isWorst) return cell
    return marked(cell, isBest ? 'best' : 'worst')
  })
}

function markWords(cells: readonly Cell[], { pointsOf }: RowPreference): readonly Cell[] {
  const points = cells.map((cell) =>
    cell.state === 'words' && new Set(cell.answers).size === 1 ? pointsOf(cell.answers) : undefined,
  )
  const judged = points.filter((one) => one !== undefined)
  const [most, least] = [Math.max(...judged), Math.min(...judged)]
  if (judged.length < 2 || most === least) return cells
  return cells.map((cell, column) => {
    if (cell.state !== 'words') return cell
    if (points[column] === most) return marked(cell, 'best')
    return points[column] === least ? marked(cell, 'worst') : cell
  })
}

const marked = <Marked extends Cell>(cell: Marked, mark: Mark): Cell => ({ ...cell, mark }) as Cell
