import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import { newAct, type Act, type RequestFields } from './act.ts'

interface OutboxSchema extends DBSchema {
  act: { key: string; value: Act; indexes: { order: number } }
}

let opened: Promise<IDBPDatabase<OutboxSchema>> | undefined

const database = (): Promise<IDBPDatabase<OutboxSchema>> => {
  opened ??= openDB<OutboxSchema>('plicator', 1, {
    upgrade: (db) => void db.createObjectStore('act', { keyPath: 'key' }).createIndex('order', 'order'),
  }).then(takeOver)
  return opened
}

/** Where the version before kept what waited. */
const formerKey = 'plicator-outbox'

/** Takes over what the version before left in this browser. */
async function takeOver(db: IDBPDatabase<OutboxSchema>): Promise<IDBPDatabase<OutboxSchema>> {
  const former = parseFormer(localStorage.getItem(formerKey))
  const transaction = db.transaction('act', 'readwrite')
  for (const { specimen, fields } of former) await transaction.store.put(newAct(specimen, fields))
  await transaction.done
  localStorage.removeItem(formerKey)
  return db
}

function parseFormer(text: string | null): { specimen: string; fields: RequestFields }[] {
  try {
    return JSON.parse(text ?? '[]') as { specimen: string; fields: RequestFields }[]
  } catch {
    return []
  }
}

const channel = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel('plicator-outbox')

/** Tells this tab and all others that the acts have changed. */
const listeners = new Set<() => void>()
function tell(): void {
  for (const listener of listeners) listener()
  channel?.postMessage('changed')
}

/** Calls back whenever the acts have changed, in this tab or in another. */
export function subscribe(listener: () => void): () => void {
  listeners.add(listener)
  channel?.addEventListener('message', listener)
  return () => {
    listeners.delete(listener)
    channel?.removeEventListener('message', listener)
  }
}

/** All acts that are kept in this browser, oldest first. */
export const listActs = async (): Promise<Act[]> => (await database()).getAllFromIndex('act', 'order')

/** Keeps an act, or what has become of it; it is on disk when this is done. */
export async function keepAct(act: Act): Promise<void> {
  await (await database()).put('act', act)
  tell()
}

/** Forgets an act: the server has it, or the user does not want it any more. */
export async function forgetAct(key: string): Promise<void> {
  await (await database()).delete('act', key)
  tell()
}
