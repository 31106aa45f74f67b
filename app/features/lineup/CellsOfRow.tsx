import { memo, use, type ReactNode } from 'react'
import { ColumnsInSight } from './columns-in-sight.ts'
import type { Columns, PlacedColumn } from './useColumns.ts'

type DrawCell = (placed: PlacedColumn) => ReactNode

interface Props {
  view: Columns
  children: DrawCell
}

/** Cells of the columns in sight, behind those that are pinned; the others are left out, in one cell on either side. */
export function CellsOfRow({ view: { shown, pins }, children }: Props) {
  const { from, to } = use(ColumnsInSight)
  const [pinned, others] = [shown.slice(0, pins), shown.slice(pins)]
  const cells = (those: readonly PlacedColumn[]) =>
    those.map((placed) => (
      <PlacedCell key={placed.column.id} placed={placed}>
        {children}
      </PlacedCell>
    ))
  return (
    <>
      {cells(pinned)}
      <LeftOut columns={from} />
      {cells(others.slice(from, to))}
      <LeftOut columns={others.length - to} />
    </>
  )
}

/** Drawn once as long as its row is the same, however the table is scrolled. */
const PlacedCell = memo(({ placed, children }: { placed: PlacedColumn; children: DrawCell }) => children(placed))
PlacedCell.displayName = 'PlacedCell'

const LeftOut = ({ columns }: { columns: number }) =>
  columns > 0 && <td aria-hidden data-left-out colSpan={columns} style={{ padding: 0 }} />
