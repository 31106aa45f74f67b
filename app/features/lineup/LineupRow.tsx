import { memo } from 'react'
import type { Cell } from '#core/compare/cell.ts'
import type { Row } from '#core/compare/lineup.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import * as texts from '#app/texts/line-up.ts'
import { CellsOfRow } from './CellsOfRow.tsx'
import { LineupCell } from './LineupCell.tsx'
import { pinStyle } from './pin-style.ts'
import { SortHead } from './SortHead.tsx'
import type { Columns } from './useColumns.ts'

interface Props {
  row: Row
  /** Which row of the whole table it is, those that are not drawn counted. */
  index: number
  view: Columns
  system: UnitHabit
  showsUncertainty: boolean
}

const missing: Cell = { state: 'missing' }

/** Several numbers are known and none is apart from the others. */
const isTie = ({ cells, differs }: Row): boolean =>
  !differs && cells.filter(({ state }) => state === 'number').length > 1

/** One row; drawn again only when it would look different, so that scrolling draws what comes in sight alone. */
export const LineupRow = memo(function LineupRow({ row, index, view, system, showsUncertainty }: Props) {
  const isTied = isTie(row)
  return (
    <tr aria-rowindex={index} data-tie={isTied || undefined}>
      <th scope="row">
        <SortHead view={view} by={row.key} label={row.label} remark={isTied ? texts.aTie : ''} />
      </th>
      <CellsOfRow view={view}>
        {({ at, column }) => (
          <LineupCell
            rowKey={row.key}
            cell={row.cells[at] ?? missing}
            column={column}
            style={pinStyle(view, column.id)}
            system={system}
            showsUncertainty={showsUncertainty}
          />
        )}
      </CellsOfRow>
    </tr>
  )
})
