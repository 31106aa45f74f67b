import { elementScroll, observeElementOffset, observeElementRect, Virtualizer } from '@tanstack/react-virtual'
import { startTransition, useLayoutEffect, useState, type RefObject } from 'react'
import { inBlocks, isWithin, type DrawnRange } from './drawn-range.ts'

/** Lines or columns of one size in a scrolled box, px. */
interface Line {
  count: number
  size: number
  /** What stands before the first of them, or how that is measured; what stays in sight on top is not counted. */
  before?: number | ((box: HTMLElement) => number)
  horizontal?: boolean
  /** So many are drawn at a time, and as many ahead of what is in sight. */
  block: number
  /** Whether there are too many to draw them all. */
  enabled: boolean
}

/**
 * What is drawn of a long line: what is in sight and a block on either side. The next block is drawn behind the
 * scrolling, before it comes in sight; who jumps further waits for it. Undefined until the page knows its box.
 */
export function useDrawnRange(
  box: RefObject<HTMLDivElement | null>,
  { count, size, before = 0, horizontal = false, block, enabled }: Line,
): DrawnRange | undefined {
  const [drawn, setDrawn] = useState<DrawnRange>()
  useLayoutEffect(() => {
    if (!enabled || !box.current) return undefined
    const paddingStart = typeof before === 'number' ? before : before(box.current)
    let last: DrawnRange | undefined
    const follow = ({ range }: Virtualizer<HTMLDivElement, HTMLElement>) => {
      if (!range) return
      const sight = { from: range.startIndex, to: range.endIndex + 1 }
      if (last && isWithin(sight, last, block / 2, count)) return
      const isBlank = last === undefined || !isWithin(sight, last, 0, count)
      const next = (last = inBlocks(sight, block, count))
      if (isBlank) setDrawn(next)
      else startTransition(() => setDrawn(next))
    }
    const virtualizer = new Virtualizer<HTMLDivElement, HTMLElement>({
      count,
      horizontal,
      estimateSize: () => size,
      paddingStart,
      getScrollElement: () => box.current,
      observeElementRect,
      observeElementOffset,
      scrollToFn: elementScroll,
      onChange: follow,
    })
    const leave = virtualizer._didMount()
    virtualizer._willUpdate()
    follow(virtualizer)
    return leave
  }, [box, count, size, before, horizontal, block, enabled])
  return drawn
}
