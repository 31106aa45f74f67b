import { useSyncExternalStore, type RefObject } from 'react'
import type { DrawnRange } from './drawn-range.ts'
import { namesWidth, pinnedWidth } from './pin-style.ts'
import { useDrawnRange } from './useDrawnRange.ts'

/** Of a line whose name needs no second one, px: what is not drawn takes as much room. */
const lineHeight = 22
/** Up to so many cells are all drawn; beyond, only those in sight. */
const cellsAllDrawn = 800
/** Up to so many columns all are drawn, so that the browser finds a product by its name. */
const columnsAllDrawn = 16
/** So many lines and columns are drawn before the page knows what is in sight. */
const [linesAtFirst, columnsAtFirst] = [40, 9]
/** So many lines and columns are drawn at a time: few enough that it takes no longer than a frame. */
const [blockOfLines, blockOfColumns] = [2, 1]

/** What of a table is drawn, as its box is scrolled: lines and columns, and how much room the others take. */
export interface InSight {
  from: number
  to: number
  above: number
  below: number
  /** Of the columns behind the pinned ones. */
  columns: DrawnRange
}

interface Extent {
  lines: number
  columns: number
  /** Of a column that is not pinned, px. */
  columnWidth: number
  /** So many columns stay in sight. */
  pinned: number
}

/** What is in sight, where there are too many cells to draw them all; on paper all are. */
export function useInSight(
  box: RefObject<HTMLDivElement | null>,
  { lines, columns, columnWidth, pinned }: Extent,
): InSight {
  const isPrinting = useSyncExternalStore(
    onPrint,
    () => window.matchMedia('print').matches,
    () => false,
  )
  const isPartial = lines * columns > cellsAllDrawn && !isPrinting
  const count = columns - pinned
  const down = useDrawnRange(box, {
    count: lines,
    size: lineHeight,
    before: heightOfSummary,
    block: blockOfLines,
    enabled: isPartial,
  })
  const across = useDrawnRange(box, {
    count,
    size: columnWidth,
    before: namesWidth + pinned * pinnedWidth,
    horizontal: true,
    block: blockOfColumns,
    enabled: isPartial && columns > columnsAllDrawn,
  })
  if (!isPartial) return { from: 0, to: lines, above: 0, below: 0, columns: { from: 0, to: count } }
  const { from, to } = within(down ?? { from: 0, to: linesAtFirst }, lines)
  return {
    ...{ from, to },
    above: from * lineHeight,
    below: (lines - to) * lineHeight,
    columns:
      columns > columnsAllDrawn ? within(across ?? { from: 0, to: columnsAtFirst }, count) : { from: 0, to: count },
  }
}

/** Score, price and what else stands above the lines, and is scrolled with them. */
const heightOfSummary = (box: HTMLElement): number => box.querySelector('tbody')?.offsetHeight ?? 0

/** Of a table that has become shorter since no more is drawn than it has. */
const within = ({ from, to }: DrawnRange, count: number): DrawnRange => ({
  from: Math.min(from, count),
  to: Math.min(to, count),
})

function onPrint(listener: () => void): () => void {
  const query = window.matchMedia('print')
  query.addEventListener('change', listener)
  return () => query.removeEventListener('change', listener)
}
