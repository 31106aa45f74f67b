import type { Cell } from './cell.ts'
import type { RevisionColumn } from './revision-column.ts'
import type { UnitSpread } from './unit-spread.ts'

interface Kept {
  library: UnitSpread | undefined
  cell: Cell
  /** It is of the column as it was before, and may have changed. */
  isBefore?: true
}

const kept = new WeakMap<RevisionColumn, Map<string, Kept>>()

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
  const cells = [...(kept.get(before) ?? [])]
  kept.set(column, new Map(cells.map(([key, one]) => [key, { ...one, isBefore: true }])))
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
  if (known && !known.isBefore && isSameSpread(known.library, library)) return known.cell
  const cell = workOut()
  const same = known && JSON.stringify(known.cell) === JSON.stringify(cell) ? known.cell : cell
  own.set(key, { library, cell: same })
  return same
}

const isSameSpread = (a: UnitSpread | undefined, b: UnitSpread | undefined): boolean =>
  a?.relative === b?.relative && a?.degreesOfFreedom === b?.degreesOfFreedom && a?.source === b?.source
