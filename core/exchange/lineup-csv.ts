import { characteristicOf, partLabel } from '#core/catalogue/index.ts'
import { displayUnit, formatValueNumber } from '#core/figures/format-value.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import type { Cell } from '#core/compare/cell.ts'
import type { Row } from '#core/compare/lineup.ts'
import { findFigure } from '#core/figures/index.ts'
import { formatOpenings } from '#core/teardown/opening-groups.ts'
import { formatCsv } from './csv.ts'

export interface LineupColumn {
  name: string
  score: string
  /** Chance of being first, 0 to 1; empty for one that is not judged. */
  chance: string
  price: string
}

/**
 * A line-up as CSV: a column a product, a row a characteristic or figure; numbers in the unit named in
 * the row. Missing values are empty. Text that a spreadsheet would run as a formula is escaped.
 *
 * @param columns heads in the order of the rows' cells
 * @param rows of the line-up
 * @param system units to write in
 * @param method version of the method that the scores stand on
 * @param call who is first and how sure that is, in one sentence
 * @example lineupCsv([{ name: 'Norrith N-40', score: '71', chance: '', price: '8.90 EUR' }], [], 'metric', 1, '').split('\r\n')[0]
 * // => 'part,row,unit,Norrith N-40'
 */
export function lineupCsv(
  columns: readonly LineupColumn[],
  rows: readonly Row[],
  system: UnitHabit,
  method: number,
  call: string,
): string {
  const table = [
    ['part', 'row', 'unit', ...columns.map(({ name }) => name)],
    ['Line-up', 'Construction score', 'of 100', ...columns.map(({ score }) => score)],
    ['Line-up', 'Chance of being first', '', ...columns.map(({ chance }) => chance)],
    ['Line-up', 'Who is first', '', call, ...columns.slice(1).map(() => '')],
    ['Line-up', 'Method', 'version', ...columns.map(() => String(method))],
    ['Line-up', 'Price paid', '', ...columns.map(({ price }) => price)],
    ...rows.map((row) => {
      const of = findFigure(row.key) ?? characteristicOf(row.key)
      const unit = displayUnit(of, system)
      return [partLabel(row.part), row.label, unit, ...row.cells.map((cell) => csvCell(cell, row.key, unit, system))]
    }),
  ]
  return formatCsv(table)
}

function csvCell(cell: Cell, key: string, unit: string, system: UnitHabit): string {
  switch (cell.state) {
    case 'number': {
      const said = formatValueNumber(findFigure(key) ?? characteristicOf(key), cell.value, system)
      return said
        .replace(` ${unit}`, '')
        .replace(/ of \d+$/, '')
        .replace('½', '.5')
        .replace('−', '-')
        .replaceAll(',', '')
    }
    case 'words':
      return cell.text
    case 'openings':
      return formatOpenings(cell.groups, unit, false)
    default:
      return ''
  }
}
