import { cachedQuery, knownAnswer } from './query-cache.server.ts'
import { inThread } from './threads.server.ts'

/**
 * A question about a line-up that takes long: it is answered in a thread of its own, so that the bench does not wait
 * for
 * it, and once for all who ask the same while nothing in the database changes. What it is asked with and what it
 * answers is plain data.
 */
export function lineupQuery<Args extends unknown[], Answer>(
  name: string,
  query: (...args: Args) => Promise<Answer>,
): LineupQuery<Args, Answer> {
  const answer = inThread('lineups', name, query)
  const keyOf = (args: Args): string => `${name} ${JSON.stringify(args)}`
  const ask = (...args: Args) => cachedQuery(keyOf(args), () => answer(...args))
  return Object.assign(ask, { known: (...args: Args) => knownAnswer<Answer>(keyOf(args)) })
}

/** Asks; `known` is what it would answer at once, undefined when that has to be worked out. */
interface LineupQuery<Args extends unknown[], Answer> {
  (...args: Args): Promise<Answer>
  known(...args: Args): Promise<Answer | undefined>
}
