import type { Cell } from './cell.ts'
import type { RevisionColumn } from './revision-column.ts'
import type { UnitSpread } from './unit-spread.ts'

interface Kept {
  library: UnitSpread | undefined
  cell: Cell
}

const kept = new WeakMap<RevisionColumn, Map<string, Kept>>()

/**
 * A cell of a column, which follows from the column and the spread alone: it is worked out once, as long as the same
 * column is built into line-ups again.
 *
 * @param column as an object: a column that has changed is another one
 * @param key of the characteristic or figure
 * @param library unit-to-unit spread of other products
 * @param workOut the cell where it is not known yet
 * @example keptCell({ id: 'r', form: 'spin-on', specimens: [] }, 'rust', undefined, () => ({ state: 'missing' }))
 * // => { state: 'missing' }
 */
export function keptCell(
  column: RevisionColumn,
  key: string,
  library: UnitSpread | undefined,
  workOut: () => Cell,
): Cell {
  const own = kept.get(column) ?? new Map<string, Kept>()
  kept.set(column, own)
  const known = own.get(key)
  if (known && isSameSpread(known.library, library)) return known.cell
  const cell = workOut()
  own.set(key, { library, cell })
  return cell
}

const isSameSpread = (a: UnitSpread | undefined, b: UnitSpread | undefined): boolean =>
  a?.relative === b?.relative && a?.degreesOfFreedom === b?.degreesOfFreedom && a?.source === b?.source
