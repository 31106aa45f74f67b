import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import { actKey, newAct, type Act } from './act.ts'

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

/** Where a page that is left puts what the disk does not have yet, and where an early version kept all that waited. */
const leftKey = 'plicator-outbox'

type LeftAct = Pick<Act, 'specimen' | 'fields'>

/** Takes over what the page before left in this browser. */
async function takeOver(db: IDBPDatabase<OutboxSchema>): Promise<IDBPDatabase<OutboxSchema>> {
  const left = listLeft()
  const transaction = db.transaction('act', 'readwrite')
  for (const { specimen, fields } of left) await transaction.store.put(newAct(specimen, fields))
  await transaction.done
  stayWithActs(left)
  return db
}

function listLeft(): LeftAct[] {
  try {
    const left: unknown = JSON.parse(localStorage.getItem(leftKey) ?? '[]')
    return Array.isArray(left) ? (left as LeftAct[]) : []
  } catch {
    return []
  }
}

/** Puts acts, without their pictures, where the next page takes them over; it is done when this returns. */
export function leaveActs(acts: readonly Act[]): void {
  const left = acts.map(({ specimen, fields }): LeftAct => ({ specimen, fields }))
  localStorage.setItem(leftKey, JSON.stringify([...listLeft(), ...left]))
}

/** Nobody needs to take these over any more; what another page has left stays. */
export function stayWithActs(acts: readonly LeftAct[]): void {
  const done = new Set(acts.map(({ fields }) => actKey(fields)))
  const others = listLeft().filter(({ fields }) => !done.has(actKey(fields)))
  if (others.length > 0) localStorage.setItem(leftKey, JSON.stringify(others))
  else localStorage.removeItem(leftKey)
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
