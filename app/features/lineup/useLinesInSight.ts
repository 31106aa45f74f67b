import { useVirtualizer } from '@tanstack/react-virtual'
import { useSyncExternalStore, type RefObject } from 'react'

const lineHeight = 25
/** Up to so many cells are all drawn; beyond, only the lines in sight. */
const cellsAllDrawn = 2400
/** So many lines are drawn before the page knows what is in sight. */
const linesAtFirst = 40

/** Which lines are in sight of the scrolled box, where there are too many cells to draw them all; on paper all are. */
export function useLinesInSight(box: RefObject<HTMLDivElement | null>, count: number, columns: number) {
  const isPrinting = useSyncExternalStore(
    onPrint,
    () => window.matchMedia('print').matches,
    () => false,
  )
  const isPartial = count * columns > cellsAllDrawn && !isPrinting
  // eslint-disable-next-line react-hooks/incompatible-library -- what it returns is read in this render only
  const virtual = useVirtualizer({
    count,
    getScrollElement: () => box.current,
    estimateSize: () => lineHeight,
    overscan: 14,
    enabled: isPartial,
  })
  if (!isPartial) return { from: 0, to: count, above: 0, below: 0 }
  const items = virtual.getVirtualItems()
  const [first, last] = [items[0], items.at(-1)]
  if (!first || !last)
    return { from: 0, to: linesAtFirst, above: 0, below: Math.max(0, count - linesAtFirst) * lineHeight }
  return { from: first.index, to: last.index + 1, above: first.start, below: virtual.getTotalSize() - last.end }
}

function onPrint(listener: () => void): () => void {
  const query = window.matchMedia('print')
  query.addEventListener('change', listener)
  return () => query.removeEventListener('change', listener)
}
