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
