/** So long work waits at most for a moment in which nobody presses anything, ms. */
const longestWait = 2000

/**
 * Does what takes a while in a moment in which the page has nothing else to do.
 *
 * @returns what gives it up before it has begun
 */
export function whenIdle(work: () => void): () => void {
  // Not every browser tells when it is idle.
  if (typeof requestIdleCallback === 'undefined') {
    const waiting = setTimeout(work, 1)
    return () => clearTimeout(waiting)
  }
  const waiting = requestIdleCallback(work, { timeout: longestWait })
  return () => cancelIdleCallback(waiting)
}

/** Who opened a page looks at it and presses something first, ms. */
const firstLook = 3000

/** Does what is of use later alone, once who opened the page has looked at it. */
export function afterFirstLook(work: () => void): () => void {
  let giveUp: (() => void) | undefined
  const waiting = setTimeout(() => (giveUp = whenIdle(work)), firstLook)
  return () => {
    clearTimeout(waiting)
    giveUp?.()
  }
}
