import { LRUCache } from 'lru-cache'
import { database } from './database.server.ts'

const answers = new LRUCache<string, { version: string; answer: Promise<unknown> }>({ max: 120 })

/**
 * What a query answered last under a key, as long as nothing in the database has changed since; else asked anew.
 * SQLite counts the changes of this connection and tells when another one has changed the file.
 */
export async function cachedQuery<T>(key: string, query: () => Promise<T>): Promise<T> {
  const db = await database()
  const [{ version }] = (await db.raw(
    "select total_changes() || ' ' || data_version as version from pragma_data_version",
  )) as [{ version: string }]
  const known = answers.get(key)
  if (known?.version === version) return known.answer as Promise<T>

  const answer = query()
  answers.set(key, { version, answer })
  answer.catch(() => answers.delete(key))
  return answer
}
