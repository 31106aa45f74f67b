import { AsyncLocalStorage } from 'node:async_hooks'

const scope = new AsyncLocalStorage<AbortSignal>()

/** Runs the work of a request that only reads: when its sender gives it up, the work stops at its next query. */
export const whileWanted = <T>(signal: AbortSignal, work: () => T): T => scope.run(signal, work)

/** Tells when the sender of the request that is being worked on gives it up; undefined where nobody can. */
export const giveUpSignal = (): AbortSignal | undefined => scope.getStore()

/** Ends work that nobody waits for any more. */
export const throwIfGivenUp = (): void => scope.getStore()?.throwIfAborted()
