import { characteristicOf } from '#core/catalogue/index.ts'
import { findFigure } from '#core/figures/index.ts'
import { endLabel } from '#core/teardown/end.ts'
import { formatOpenings } from '#core/teardown/opening-groups.ts'
import { displayUnit, formatValueNumber } from '#core/figures/format-value.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import type { Cell } from './cell.ts'

/**
 * A cell of the line-up in words.
 *
 * @param key of its row
 * @example formatCell('can.wall', { state: 'missing' }, 'metric') // => 'not known'
 */
export const formatCell = (key: string, cell: Cell, system: UnitHabit): string =>
  `${formatAlone(key, cell, system)}${'end' in cell && cell.end ? `, ${endLabel(cell.end)}` : ''}`

function formatAlone(key: string, cell: Cell, system: UnitHabit): string {
  const of = findFigure(key) ?? characteristicOf(key)
  switch (cell.state) {
    case 'number':
      return formatValueNumber(of, cell.value, system)
    case 'words':
      return cell.text
    case 'openings':
      return formatOpenings(cell.groups, displayUnit(of, system) || 'mm')
    case 'missing':
      return 'not known'
    case 'not-applicable':
      return 'has none'
    case 'impossible':
      return 'cannot be'
  }
}
