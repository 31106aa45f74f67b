import type { Cell } from './cell.ts'
import type { RevisionColumn } from './revision-column.ts'
import type { UnitSpread } from './unit-spread.ts'

interface Kept {
  library: UnitSpread | undefined
  cell: Cell
}

const kept = new WeakMap<RevisionColumn, Map<string, Kept>>()
const befores = new WeakMap<RevisionColumn, RevisionColumn>()

/**
 * Says what a column was before one of its specimens changed: a cell that says the same as before is the same object,
 * and so is what was worked out of it.
 *
 * @param column as it is
 * @param before as it was
 * @example follows({ id: 'r', form: 'spin-on', specimens: [] }, { id: 'r', form: 'spin-on', specimens: [] })
 * // => undefined
 */
export function follows(column: RevisionColumn, before: RevisionColumn): void {
  befores.set(column, before)
  // What lies further back is not asked for again.
  befores.delete(before)
}

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
  const cell = asBefore(column, key, workOut())
  own.set(key, { library, cell })
  return cell
}

/** The cell as it was before, where it says the same. */
function asBefore(column: RevisionColumn, key: string, cell: Cell): Cell {
  const before = befores.get(column)
  const known = before && kept.get(before)?.get(key)?.cell
  return known && JSON.stringify(known) === JSON.stringify(cell) ? known : cell
}

const isSameSpread = (a: UnitSpread | undefined, b: UnitSpread | undefined): boolean =>
  a?.relative === b?.relative && a?.degreesOfFreedom === b?.degreesOfFreedom && a?.source === b?.source
