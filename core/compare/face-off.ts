import { characteristicOf, findCharacteristic, type PartKey } from '#core/catalogue/index.ts'
import { criterionFor } from '#core/score/criteria.ts'
import type { Criterion } from '#core/score/criterion.ts'
import { answerPoints, numberPoints } from '#core/score/judge.ts'
import { tied, type Cell, type Row } from './lineup.ts'

/** One row of two products put against each other. */
export interface Duel {
  key: string
  label: string
  part: PartKey
  a: Cell
  b: Cell
  verdict: 'a' | 'b' | 'tie' | 'differs' | 'unknown'
  /** Points of the criterion, 0 to 10, that the winner has more than the other. */
  gain: number
  criterion: Criterion | undefined
}

/**
 * Points of a cell by the rule of its criterion.
 *
 * @returns undefined when nothing is known, or the rule does not fit
 * @example cellPoints(canWall, { state: 'number', value: 0.000508, … }) // => 9
 */
export function cellPoints(criterion: Criterion, cell: Cell): number | undefined {
  if (cell.state === 'words') return answerPoints(criterion.rule, cell.answers)
  return cell.state === 'number' ? numberPoints(criterion, cell.value) : undefined
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
 * @example faceOff(rows, 0, 1).find(({ key }) => key === 'can.wall')?.verdict // => 'a'
 */
export function faceOff(
  rows: readonly Row[],
  a: number,
  b: number,
  judge: (key: string) => Criterion | undefined = criterionFor,
): Duel[] {
  return rows.flatMap((row): Duel[] => {
    const [x, y] = [row.cells[a]!, row.cells[b]!]
    if (x.state === 'not-applicable' && y.state === 'not-applicable') return []
    const criterion = judge(row.key)
    const duel = (verdict: Duel['verdict'], gain = 0): Duel[] => [
      { key: row.key, label: row.label, part: row.part, a: x, b: y, verdict, gain, criterion },
    ]
    if (!known(x) || !known(y)) return duel('unknown')
    if (same(x, y)) return duel('tie')
    const [p, q] = criterion ? [cellPoints(criterion, x), cellPoints(criterion, y)] : []
    if (p === undefined || q === undefined || p === q) return duel('differs')
    return duel(p > q ? 'a' : 'b', Math.abs(p - q))
  })
}

const known = ({ state }: Cell): boolean => state === 'number' || state === 'words' || state === 'openings'

function same(x: Cell, y: Cell): boolean {
  if (x.state === 'number' && y.state === 'number') return tied(x, y)
  if (x.state === 'words' && y.state === 'words') return x.text === y.text
  return x.state === 'openings' && y.state === 'openings' && JSON.stringify(x.groups) === JSON.stringify(y.groups)
}

/** Whether a row is a matter of words such as a part number, in which no one can be better. */
export const isText = (key: string): boolean =>
  findCharacteristic(key) !== undefined && characteristicOf(key).kind === 'text'
