import { cachedQuery } from './query-cache.server.ts'

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
): (...args: Args) => Promise<Answer> {
  queries.set(name, (args) => query(...(args as Args)))
  return (...args) =>
    cachedQuery(`${name} ${JSON.stringify(args)}`, () =>
      elsewhere ? (elsewhere.ask(name, args) as Promise<Answer>) : query(...args),
    )
}
