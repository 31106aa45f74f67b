import { useSyncExternalStore } from 'react'
import { isConnectionError } from '#app/ui/connection.ts'

/** The fields of a request of the bench. */
export type RequestFields = Record<string, string>

/** One request of the bench that the server has not confirmed. */
export interface PendingRequest {
  specimen: string
  fields: RequestFields
  /** It could not be sent; unset while it is on its way. */
  waits?: boolean
}

const storageKey = 'plicator-outbox'
const listeners = new Set<() => void>()
const none: readonly PendingRequest[] = []
let requests: readonly PendingRequest[] | undefined

function listPending(): readonly PendingRequest[] {
  requests ??= readStored()
  return requests
}

/** What a page left behind when it was closed: it waits as well. */
function readStored(): readonly PendingRequest[] {
  try {
    const stored = JSON.parse(localStorage.getItem(storageKey) ?? '[]') as PendingRequest[]
    return stored.map((request) => ({ ...request, waits: true }))
  } catch {
    return none
  }
}

function store(next: readonly PendingRequest[]): void {
  const isNews = [...listPending(), ...next].some(({ waits }) => waits)
  requests = next
  localStorage.setItem(storageKey, JSON.stringify(next))
  if (isNews) for (const listener of listeners) listener()
}

const isSame = (a: PendingRequest, b: PendingRequest): boolean =>
  a.fields.id === b.fields.id && a.fields.intent === b.fields.intent

const refused = new Set<string>()

/** Whether the server would not take a request, so that the page does not show it as done. */
export const wasRefused = (id: string): boolean => refused.has(id)

let last: Promise<unknown> = Promise.resolve()

/**
 * Sends one request after the other. Each is kept in this browser until the server has confirmed it, so that neither a
 * dropped connection nor a closed page loses it; the server takes a request with the same id once.
 */
export function sendOrKeep<T>(request: PendingRequest, send: () => Promise<T>): Promise<T | Waits> {
  const sent = last.then(async () => {
    if (!listPending().some((one) => isSame(one, request))) store([...listPending(), request])
    const [first] = listPending()
    if (first && !isSame(first, request)) return wait(request)
    try {
      const answer = await send()
      if ((answer as { ok?: boolean }).ok === false) refused.add(request.fields.id ?? '')
      forget(request)
      return answer
    } catch (error) {
      if (isConnectionError(error)) return wait(request)
      forget(request)
      throw error
    }
  })
  last = sent.catch(() => undefined)
  return sent
}

/** The answer to a request that is kept until the connection is back. */
export interface Waits {
  ok: true
  waits: true
}

function wait(request: PendingRequest): Waits {
  store(listPending().map((one) => (isSame(one, request) ? { ...one, waits: true } : one)))
  return { ok: true, waits: true }
}

const forget = (request: PendingRequest): void => store(listPending().filter((one) => !isSame(one, request)))

const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** Requests that wait for the connection, oldest first. */
export const useOutbox = (): readonly PendingRequest[] => useSyncExternalStore(subscribe, listPending, () => none)
