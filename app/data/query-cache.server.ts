import { LRUCache } from 'lru-cache'
import { giveUpSignal, whileWanted } from '#app/storage/request-scope.ts'
import { databaseVersion } from './database.server.ts'

/** An answer, or the work on it, and how many wait for it. */
interface Entry {
  version: string
  answer: Promise<unknown>
  /** Once it is there. */
  settled?: { value: unknown }
  waiting: number
  work: AbortController
}

const answers = new LRUCache<string, Entry>({ max: 60 })

/**
 * What a query answered last under a key, as long as nothing in the database has changed since; else asked anew. Those
 * who ask for the same at once wait for one answer; when all of them have given up, the work on it ends.
 */
export async function cachedQuery<T>(key: string, query: () => Promise<T>): Promise<T> {
  const version = await databaseVersion()
  const known = answers.get(key)
  const entry = known?.version === version && !known.work.signal.aborted ? known : ask(key, version, query)
  return wait(entry, giveUpSignal()) as Promise<T>
}

/** What is known under a key and still true; undefined when it would have to be worked out. */
export async function knownAnswer<T>(key: string): Promise<T | undefined> {
  const known = answers.peek(key)
  if (!known?.settled || known.version !== (await databaseVersion())) return undefined
  return known.settled.value as T
}

function ask(key: string, version: string, query: () => Promise<unknown>): Entry {
  const work = new AbortController()
  const entry: Entry = { version, answer: whileWanted(work.signal, query), waiting: 0, work }
  answers.set(key, entry)
  entry.answer.then(
    (value) => {
      entry.settled = { value }
    },
    () => {
      if (answers.peek(key) === entry) answers.delete(key)
    },
  )
  return entry
}

async function wait(entry: Entry, giveUp: AbortSignal | undefined): Promise<unknown> {
  giveUp?.throwIfAborted()
  entry.waiting++
  const leave = () => {
    if (--entry.waiting === 0) entry.work.abort(giveUp?.reason)
  }
  giveUp?.addEventListener('abort', leave, { once: true })
  try {
    return await entry.answer
  } finally {
    giveUp?.removeEventListener('abort', leave)
  }
}
