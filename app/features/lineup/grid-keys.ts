import type { KeyboardEvent } from 'react'

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
  const [down, across] = event.ctrlKey ? [step[1] === 0 ? step[0] : Math.sign(step[1]) * Infinity, step[1]] : step
  const row = cell.parentElement as HTMLTableRowElement
  const table = event.currentTarget
  const box = table.parentElement
  const width = cell.offsetWidth
  event.preventDefault()
  // Names and heads stay in sight wherever the table is scrolled to.
  if (across === -Infinity) box?.scrollTo({ left: 0 })
  if (down === -Infinity) box?.scrollTo({ top: 0 })
  const cellAt = (to: HTMLTableRowElement) => to.cells[clamp(cell.cellIndex + across, to.cells.length)]
  const rowAt = () => rowFrom(table, row, down)
  if (!rowAt()) box?.scrollBy({ top: clampTo(down * row.offsetHeight, box.scrollHeight) })
  whenDrawn(rowAt, (toRow) => {
    const to = cellAt(toRow)
    if (!to || to === cell) return
    if (isDrawn(to)) return focusCell(to)
    const isFromName = across > 0 && to.nextElementSibling !== null
    box?.scrollBy({ left: clampTo((isFromName ? -Infinity : across) * width, box.scrollWidth) })
    whenDrawn(() => drawn(cellAt(toRow)), focusCell)
  })
}

/** So many rows with cells further; undefined while that one, or one on the way to it, is not drawn. */
function rowFrom(table: HTMLTableElement, row: HTMLTableRowElement, down: number): HTMLTableRowElement | undefined {
  // The head of a part has no cells to go to.
  const rows = [...table.rows].filter((one) => isLeftOut(one) || one.cells.length > 1)
  const last = rows.length - 1
  const at = rows.indexOf(row)
  if (at < 0 && Number.isFinite(down)) return undefined
  const to = Math.min(last, Math.max(0, at + down))
  const onTheWay = Number.isFinite(down) ? rows.slice(Math.min(at, to), Math.max(at, to) + 1) : rows.slice(to, to + 1)
  return onTheWay.some(isLeftOut) ? undefined : rows[to]
}

/** A row that stands for those that are not drawn. */
const isLeftOut = (row: HTMLTableRowElement): boolean => row.ariaHidden === 'true'

const isDrawn = (cell: HTMLElement): boolean => cell.dataset.leftOut === undefined

const drawn = (cell: HTMLTableCellElement | undefined) => (cell && isDrawn(cell) ? cell : undefined)

/** So long what comes in sight may take to be drawn, in milliseconds; then the key was pressed in vain. */
const patience = 5000

function whenDrawn<T>(find: () => T | undefined, act: (found: T) => void): void {
  const end = performance.now() + patience
  const look = () => {
    const found = find()
    if (found) act(found)
    else if (performance.now() < end) requestAnimationFrame(look)
  }
  look()
}

const clamp = (at: number, length: number): number => Math.min(length - 1, Math.max(0, at))

const clampTo = (value: number, most: number): number => Math.max(-most, Math.min(most, value))

/** Its link or button, else the cell itself. */
function focusCell(cell: HTMLTableCellElement): void {
  const target = cell.querySelector<HTMLElement>('a, button') ?? cell
  if (target === cell) cell.tabIndex = -1
  target.focus({ preventScroll: true })
  cell.scrollIntoView({ block: 'nearest', inline: 'nearest' })
}
