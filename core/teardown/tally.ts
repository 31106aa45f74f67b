/** Counts of the same pack, one after the other. */
export interface Tally {
  /** The count that is under way. */
  count: number
  paused: boolean
  /** Counts that were finished. */
  finished: readonly number[]
}

export const newTally = (finished: readonly number[] = []): Tally => ({ count: 0, paused: false, finished })

export type TallyStep = 'one' | 'undo' | 'pause' | 'finish' | 'again'

/**
 * The tally after one step: one more, one less, pause on and off, the count finished, or begun again.
 * While it is paused nothing is counted; an empty count is not finished.
 *
 * @example tallyAfter({ count: 9, paused: false, finished: [] }, 'one').count // => 10
 */
export function tallyAfter(tally: Tally, by: TallyStep): Tally {
  const { count, paused, finished } = tally
  switch (by) {
    case 'one':
      return paused ? tally : { ...tally, count: count + 1 }
    case 'undo':
      return { ...tally, count: Math.max(0, count - 1) }
    case 'pause':
      return { ...tally, paused: !paused }
    case 'finish':
      return count === 0 ? tally : { count: 0, paused: false, finished: [...finished, count] }
    case 'again':
      return { ...tally, count: 0, paused: false }
  }
}

/** A marker is set every so many. */
export const markerInterval = 10

/**
 * What the finished counts say about each other, and whether to count again.
 *
 * @example summariseCounts([55, 54]) // => { more: true, message: '55 and 54 disagree: count a third time.' }
 */
export function summariseCounts(finished: readonly number[]): { more: boolean; message: string } {
  if (finished.length === 0) return { more: true, message: 'Count the pack once round; mark where you began.' }
  if (finished.length === 1) return { more: true, message: `${finished[0]}. Count the same pack a second time.` }
  const votes = new Map<number, number>()
  for (const count of finished) votes.set(count, (votes.get(count) ?? 0) + 1)
  const [most, times] = [...votes].reduce((best, one) => (one[1] > best[1] ? one : best))
  if (votes.size === 1)
    return {
      more: false,
      message: `${most}, counted ${finished.length === 2 ? 'twice' : `${finished.length} times`}: they agree.`,
    }
  if (times >= 2) return { more: false, message: `${most} came up ${times} times of ${finished.length}: it holds.` }
  return {
    more: true,
    message:
      finished.length === 2
        ? `${finished[0]} and ${finished[1]} disagree: count a third time.`
        : `${finished.slice(0, -1).join(', ')} and ${finished.at(-1)}: no two agree. Mark a pleat with chalk and ` +
          'count again.',
  }
}
