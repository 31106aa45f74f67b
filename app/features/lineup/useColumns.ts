import { useMemo } from 'react'
import type { CellPoints } from '#core/compare/marks.ts'
import type { Row } from '#core/compare/lineup.ts'
import type { EvaluatedColumn } from '#app/data/lineup-evaluation.server.ts'
import { useAddress } from '#app/ui/useAddress.ts'
import { sortColumns } from './sort.ts'

/** A column with its index in the rows' cells. */
export interface PlacedColumn {
  at: number
  column: EvaluatedColumn
}

const listOf = (text: string | null): string[] => (text ? text.split(',') : [])

/** Columns in order: sorted, or as the user put them; pinned ones first. */
function placeColumns(
  columns: readonly EvaluatedColumn[],
  sorted: readonly number[],
  own: readonly string[],
  pinned: readonly string[],
): PlacedColumn[] {
  const ownPlace = (id: string) => (own.includes(id) ? own.indexOf(id) : own.length)
  return sorted
    .flatMap((at, place) => {
      const column = columns[at]
      return column ? [{ at, column, place }] : []
    })
    .sort(
      (a, b) =>
        Number(pinned.includes(b.column.id)) - Number(pinned.includes(a.column.id)) ||
        ownPlace(a.column.id) - ownPlace(b.column.id) ||
        a.place - b.place,
    )
    .map(({ at, column }) => ({ at, column }))
}

/** Which columns are shown and in which order; hidden ones are gone. All of it stands in the address. */
export function useColumns(columns: readonly EvaluatedColumn[], rows: readonly Row[], pointsOf: CellPoints) {
  const { get, set } = useAddress()
  const sort = get('sort') ?? 'score'
  const rising = get('order') === 'rising'
  const [hide, pin, own] = [get('hide'), get('pin'), get('columns')]
  const hidden = useMemo(() => new Set(listOf(hide)), [hide])
  const pinned = useMemo(() => listOf(pin), [pin])
  const sorted = useMemo(
    () => sortColumns(columns, rows, sort, rising, pointsOf),
    [columns, rows, sort, rising, pointsOf],
  )
  const order = useMemo(() => placeColumns(columns, sorted.order, listOf(own), pinned), [columns, sorted, own, pinned])
  return useMemo(
    () => ({
      sort,
      rising,
      hidden,
      pinned,
      problem: sorted.problem,
      /** All columns in order, and those that are shown. */
      order,
      shown: order.filter(({ column }) => !hidden.has(column.id)),
      /** So many of them are pinned. */
      pins: order.filter(({ column: { id } }) => pinned.includes(id) && !hidden.has(id)).length,
      toggle: (name: 'hide' | 'pin', id: string) => {
        const those = name === 'hide' ? [...hidden] : pinned
        set({ [name]: (those.includes(id) ? those.filter((one) => one !== id) : [...those, id]).join(',') })
      },
      sortBy: (key: string) => set({ sort: key, order: sort === key && !rising ? 'rising' : '', columns: '' }),
      putInOrder: (ids: string[]) => set({ columns: ids.join(',') }),
    }),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- `set` changes with the address, which the others follow
    [sort, rising, hidden, pinned, sorted, order],
  )
}

/** Columns as they are drawn, the pinned ones first. */
export type Columns = ReturnType<typeof useColumns>
