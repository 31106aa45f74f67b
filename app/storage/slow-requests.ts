/** A request that took long. */
export interface SlowRequest {
  at: string
  method: string
  path: string
  milliseconds: number
}

/** Slower than this is slow, ms. */
const slowFrom = 500
const remembered = 50

const slow: SlowRequest[] = []
let answered = 0

/** Counts a request that was answered, and remembers it when it took long. */
export function noteRequest(request: SlowRequest): void {
  answered++
  if (request.milliseconds < slowFrom) return
  slow.unshift(request)
  slow.length = Math.min(slow.length, remembered)
}

/** The slow requests of this run, the latest first, and how many were answered in all. */
export const requestsSoFar = (): { slow: SlowRequest[]; answered: number } => ({ slow: [...slow], answered })
