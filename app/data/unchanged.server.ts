import { database } from './database.server.ts'

const kept = new Map<string, { mark: string; value: Promise<unknown> }>()
const mostKept = 120

/**
 * What was made last under a name, as long as nothing in the database has changed since; else made anew.
 * SQLite counts the changes of this connection and tells when another one has changed the file.
 */
export async function whileUnchanged<T>(name: string, make: () => Promise<T>): Promise<T> {
  const db = await database()
  const [{ mark }] = (await db.raw(
    "select total_changes() || ' ' || data_version as mark from pragma_data_version",
  )) as [{ mark: string }]
  const found = kept.get(name)
  if (found?.mark === mark) return found.value as Promise<T>

  const value = make()
  kept.delete(name)
  kept.set(name, { mark, value })
  value.catch(() => kept.delete(name))
  for (const old of kept.keys()) {
    if (kept.size <= mostKept) break
    kept.delete(old)
  }
  return value
}
