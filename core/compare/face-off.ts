import { findCharacteristic, type FilterPartKey } from '#core/catalogue/index.ts'
import { isKnown, areEquivalent, type Cell } from './cell.ts'
import type { Row } from './lineup.ts'
import { betterNumber, type CellPoints } from './marks.ts'

/** One row of two products put against each other. */
export interface RowComparison {
  key: string
  label: string
  part: FilterPartKey
  a: Cell
  b: Cell
  outcome: 'a' | 'b' | 'tie' | 'differs' | 'unknown'
  /** Points of the criterion, 0 to 10, that the winner has more than the other. */
  gain: number
}

/**
 * Two columns of a line-up, row by row: who takes it, a tie, a difference of taste, or not known.
 *
 * A measured difference within its uncertainty is a tie. Where the points are the same, or nothing judges the
 * row, a difference is only that. Rows that neither can have are left out.
 *
 * @param rows of the line-up
 * @param a index of the one column
 * @param b index of the other
 * @param pointsOf a cell
 * @example faceOff([], 0, 1, () => undefined) // => []
 */
export function faceOff(rows: readonly Row[], a: number, b: number, pointsOf: CellPoints): RowComparison[] {
  return rows.flatMap((row): RowComparison[] => {
    const [x, y] = [row.cells[a], row.cells[b]]
    if (!x || !y || (x.state === 'not-applicable' && y.state === 'not-applicable')) return []
    return [{ key: row.key, label: row.label, part: row.part, a: x, b: y, ...compareCells(row.key, x, y, pointsOf) }]
  })
}

function compareCells(key: string, x: Cell, y: Cell, pointsOf: CellPoints): Pick<RowComparison, 'outcome' | 'gain'> {
  if (!isKnown(x) || !isKnown(y)) return { outcome: 'unknown', gain: 0 }
  if (areEquivalent(x, y)) return { outcome: 'tie', gain: 0 }
  const [p, q] = [pointsOf(key, x), pointsOf(key, y)]
  if (p === undefined || q === undefined || p === q) return { outcome: 'differs', gain: 0 }
  const better =
    x.state === 'number' && y.state === 'number'
      ? betterNumber(x, y, (cell) => pointsOf(key, cell), 2)
      : Math.sign(p - q)
  return better === 0 ? { outcome: 'differs', gain: 0 } : { outcome: better > 0 ? 'a' : 'b', gain: Math.abs(p - q) }
}

/**
 * Whether a row is a matter of words such as a part number, in which no one can be better.
 *
 * @example isWords('box.datecode') // => true
 */
export const isWords = (key: string): boolean => findCharacteristic(key)?.kind === 'text'
