import { Fragment, type ReactNode } from 'react'
import type { Columns, PlacedColumn } from './useColumns.ts'

interface Props {
  view: Columns
  children: (placed: PlacedColumn) => ReactNode
}

/** Cells of the columns in sight, behind those that are pinned; the others are left out, in one cell on either side. */
export function CellsOfRow({ view: { shown, pins, inSight }, children }: Props) {
  const [pinned, others] = [shown.slice(0, pins), shown.slice(pins)]
  const { from, to } = inSight
  const cells = (those: readonly PlacedColumn[]) =>
    those.map((placed) => <Fragment key={placed.column.id}>{children(placed)}</Fragment>)
  return (
    <>
      {cells(pinned)}
      <LeftOut columns={from} />
      {cells(others.slice(from, to))}
      <LeftOut columns={others.length - to} />
    </>
  )
}

const LeftOut = ({ columns }: { columns: number }) =>
  columns > 0 && <td aria-hidden data-left-out colSpan={columns} style={{ padding: 0 }} />
