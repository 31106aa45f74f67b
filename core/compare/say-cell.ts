import { characteristicOf } from '#core/catalogue/index.ts'
import { findFigure } from '#core/figures/index.ts'
import { formatOpenings } from '#core/teardown/openings.ts'
import { displayUnit, sayNumber, type UnitSystem } from './display.ts'
import type { Cell } from './lineup.ts'

/**
 * A cell of the line-up in words.
 *
 * @param key of its row
 * @example sayCell('can.wall', { state: 'missing' }, 'metric') // => 'not known'
 */
export function sayCell(key: string, cell: Cell, system: UnitSystem): string {
  const of = findFigure(key) ?? characteristicOf(key)
  switch (cell.state) {
    case 'number':
      return sayNumber(of, cell.value, system)
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
