/** Threads beside the one that serves pages: what takes long about line-ups, and about files that were sent. */
export const threadNames = ['lineups', 'files'] as const
export type ThreadName = (typeof threadNames)[number]

/** Where work is done that is not done here. */
interface Elsewhere {
  ask(name: string, args: unknown[]): Promise<unknown>
}

const works = new Map<string, (args: unknown[]) => Promise<unknown>>()
const elsewhere = new Map<ThreadName, Elsewhere>()

/** Has all work of a thread that is asked from now on done elsewhere, or here when there is no elsewhere. */
export function answerElsewhere(thread: ThreadName, there: Elsewhere | undefined): void {
  if (there) elsewhere.set(thread, there)
  else elsewhere.delete(thread)
}

/** Does a work by its name, in the thread that calls. */
export function answerHere(name: string, args: unknown[]): Promise<unknown> {
  const work = works.get(name)
  if (!work) throw new Error(`There is no work "${name}"`)
  return work(args)
}

/**
 * Work that takes long: it is done in a thread when that runs, else where it is asked. What it is asked with and what
 * it answers is plain data.
 */
export function inThread<Args extends unknown[], Answer>(
  thread: ThreadName,
  name: string,
  work: (...args: Args) => Promise<Answer>,
): (...args: Args) => Promise<Answer> {
  works.set(name, (args) => work(...(args as Args)))
  return (...args) => {
    const there = elsewhere.get(thread)
    return there ? (there.ask(name, args) as Promise<Answer>) : work(...args)
  }
}
