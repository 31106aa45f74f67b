import type { KeyboardEvent } from 'react'
import { columnWidth } from './pin-style.ts'

/** Where a key leads from a cell: rows down, cells across; Infinity for the end. */
const steps: Readonly<Record<string, readonly [number, number]>> = {
  ArrowDown: [1, 0],
  ArrowUp: [-1, 0],
  ArrowRight: [0, 1],
  ArrowLeft: [0, -1],
  Home: [0, -Infinity],
  End: [0, Infinity],
  PageDown: [12, 0],
  PageUp: [-12, 0],
}

/** Moves from cell to cell with the arrows, Home, End and the page keys; Enter opens what the cell holds. */
export function moveInGrid(event: KeyboardEvent<HTMLTableElement>): void {
  const step = steps[event.key]
  const cell = (event.target as HTMLElement).closest<HTMLTableCellElement>('td, th')
  if (!step || !cell || event.altKey || event.metaKey || (event.target as HTMLElement).closest('input, select')) return
  const row = cell.parentElement as HTMLTableRowElement
  const rows = [...event.currentTarget.rows].filter(({ cells }) => cells.length === row.cells.length)
  const at = rows.indexOf(row)
  const [down, across] = event.ctrlKey ? [step[1] === 0 ? step[0] : Math.sign(step[1]) * Infinity, step[1]] : step
  const toRow = rows[clamp(at + down, rows.length)]
  const cellAt = () => toRow?.cells[clamp(cell.cellIndex + across, toRow.cells.length)]
  const to = cellAt()
  if (!to) return
  event.preventDefault()
  const box = event.currentTarget.parentElement
  // The name of the row stays in sight wherever the table is scrolled to.
  if (across === -Infinity) box?.scrollTo({ left: 0 })
  if (to.dataset.leftOut === undefined) return focusCell(to)
  const isFromName = across > 0 && to.nextElementSibling !== null
  scrollAcross(box, isFromName ? -Infinity : across)
  whenDrawn(cellAt, focusCell)
}

/** Columns that come in sight are drawn within the next frames. */
function whenDrawn(cellAt: () => HTMLTableCellElement | undefined, act: (cell: HTMLTableCellElement) => void): void {
  let frames = 20
  const look = () => {
    const cell = cellAt()
    if (cell && cell.dataset.leftOut === undefined) act(cell)
    else if (frames-- > 0) requestAnimationFrame(look)
  }
  requestAnimationFrame(look)
}

function scrollAcross(box: HTMLElement | null, columns: number): void {
  if (box) box.scrollLeft += Math.max(-box.scrollWidth, Math.min(box.scrollWidth, columns * columnWidth))
}

const clamp = (at: number, length: number): number => Math.min(length - 1, Math.max(0, at))

/** Its link or button, else the cell itself. */
function focusCell(cell: HTMLTableCellElement): void {
  const target = cell.querySelector<HTMLElement>('a, button') ?? cell
  if (target === cell) cell.tabIndex = -1
  target.focus({ preventScroll: true })
  cell.scrollIntoView({ block: 'nearest', inline: 'nearest' })
}
