import { characteristicOf, partLabel } from '#core/catalogue/index.ts'
import { displayUnit, formatValueNumber } from '#core/figures/format-value.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import type { Cell } from '#core/compare/cell.ts'
import type { Row } from '#core/compare/lineup.ts'
import { findFigure } from '#core/figures/index.ts'
import { formatOpenings } from '#core/teardown/opening-groups.ts'
import { formatCsv } from './csv.ts'

/** What is said of each product above what is known part by part. */
export interface LineupFact {
  label: string
  /** Empty where it has none. */
  unit: string
  /** One a product; empty where nothing is said. */
  values: readonly string[]
}

/**
 * A line-up as CSV: a column a product, a row a fact, a characteristic or a figure; numbers in the unit named in
 * the row. Missing values are empty. Text that a spreadsheet would run as a formula is escaped.
 *
 * @param names of the products in the order of the rows' cells
 * @param facts of each, in order
 * @param rows of the line-up
 * @param system units to write in
 * @example lineupCsv(['Norrith N-40'], [], [], 'metric').split('\r\n')[0] // => 'part,row,unit,Norrith N-40'
 */
export function lineupCsv(
  names: readonly string[],
  facts: readonly LineupFact[],
  rows: readonly Row[],
  system: UnitHabit,
): string {
  const table = [
    ['part', 'row', 'unit', ...names],
    ...facts.map(({ label, unit, values }) => ['Line-up', label, unit, ...values]),
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
