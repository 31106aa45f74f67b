import { cachedQuery, knownAnswer } from './query-cache.server.ts'

/** Answers questions about line-ups in a thread of its own, so that the bench does not wait for them. */
interface Elsewhere {
  ask(name: string, args: unknown[]): Promise<unknown>
}

const queries = new Map<string, (args: unknown[]) => Promise<unknown>>()

let elsewhere: Elsewhere | undefined

/** Has all that is asked from now on answered elsewhere, or here when there is no elsewhere. */
export function answerElsewhere(there: Elsewhere | undefined): void {
  elsewhere = there
}

/** Answers a question by its name, in the thread that calls. */
export function answerHere(name: string, args: unknown[]): Promise<unknown> {
  const query = queries.get(name)
  if (!query) throw new Error(`There is no question "${name}"`)
  return query(args)
}

/**
 * A question about a line-up that takes long: it is answered elsewhere when there is an elsewhere, and once for all
 * who ask the same while nothing in the database changes. What it is asked with and what it answers is plain data.
 */
export function lineupQuery<Args extends unknown[], Answer>(
  name: string,
  query: (...args: Args) => Promise<Answer>,
): LineupQuery<Args, Answer> {
  queries.set(name, (args) => query(...(args as Args)))
  const keyOf = (args: Args): string => `${name} ${JSON.stringify(args)}`
  const ask = (...args: Args) =>
    cachedQuery(keyOf(args), () => (elsewhere ? (elsewhere.ask(name, args) as Promise<Answer>) : query(...args)))
  return Object.assign(ask, { known: (...args: Args) => knownAnswer<Answer>(keyOf(args)) })
}

/** Asks; `known` is what it would answer at once, undefined when that has to be worked out. */
interface LineupQuery<Args extends unknown[], Answer> {
  (...args: Args): Promise<Answer>
  known(...args: Args): Promise<Answer | undefined>
}
