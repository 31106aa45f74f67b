import { useVirtualizer } from '@tanstack/react-virtual'
import { useSyncExternalStore, type RefObject } from 'react'
import { columnWidth, namesWidth, pinnedWidth } from './pin-style.ts'

const lineHeight = 25
/** Up to so many cells are all drawn; beyond, only those in sight. */
const cellsAllDrawn = 800
/** So many lines and columns are drawn before the page knows what is in sight. */
const [linesAtFirst, columnsAtFirst] = [40, 9]

/** What of a table is in sight of the scrolled box: lines and columns, and how much room the others take. */
export interface InSight {
  from: number
  to: number
  above: number
  below: number
  /** Of the columns behind the pinned ones. */
  columns: { from: number; to: number }
}

interface Extent {
  lines: number
  columns: number
  /** So many columns stay in sight. */
  pinned: number
}

/** What is in sight, where there are too many cells to draw them all; on paper all are. */
export function useInSight(box: RefObject<HTMLDivElement | null>, { lines, columns, pinned }: Extent): InSight {
  const isPrinting = useSyncExternalStore(
    onPrint,
    () => window.matchMedia('print').matches,
    () => false,
  )
  const isPartial = lines * columns > cellsAllDrawn && !isPrinting
  const shared = { getScrollElement: () => box.current, enabled: isPartial }
  const count = columns - pinned
  // eslint-disable-next-line react-hooks/incompatible-library -- what it returns is read in this render only
  const down = useVirtualizer({ ...shared, count: lines, estimateSize: () => lineHeight, overscan: 4 })
  const across = useVirtualizer({
    ...shared,
    count,
    horizontal: true,
    estimateSize: () => columnWidth,
    paddingStart: namesWidth + pinned * pinnedWidth,
    overscan: 2,
  })
  if (!isPartial) return { from: 0, to: lines, above: 0, below: 0, columns: { from: 0, to: count } }
  const [items, drawn] = [down.getVirtualItems(), across.getVirtualItems()]
  const [first, last] = [items[0], items.at(-1)]
  const inSight = { from: drawn[0]?.index ?? 0, to: (drawn.at(-1)?.index ?? Math.min(count, columnsAtFirst) - 1) + 1 }
  if (!first || !last) {
    const below = Math.max(0, lines - linesAtFirst) * lineHeight
    return { from: 0, to: linesAtFirst, above: 0, below, columns: inSight }
  }
  const below = down.getTotalSize() - last.end
  return { from: first.index, to: last.index + 1, above: first.start, below, columns: inSight }
}

function onPrint(listener: () => void): () => void {
  const query = window.matchMedia('print')
  query.addEventListener('change', listener)
  return () => query.removeEventListener('change', listener)
}
