import { useSyncExternalStore } from 'react'

/** One act at the bench that has not reached the server. */
export interface Act {
  specimen: string
  fields: Record<string, string>
}

const place = 'plicator-outbox'
const listeners = new Set<() => void>()
const nothing: readonly Act[] = []
let acts: readonly Act[] | undefined

function all(): readonly Act[] {
  if (acts) return acts
  try {
    acts = JSON.parse(localStorage.getItem(place) ?? '[]') as Act[]
  } catch {
    acts = nothing
  }
  return acts
}

function keep(next: readonly Act[]): void {
  acts = next
  localStorage.setItem(place, JSON.stringify(next))
  for (const listener of listeners) listener()
}

const same = (a: Record<string, string>, b: Record<string, string>): boolean => a.id === b.id && a.intent === b.intent

/** The connection failed, as against an answer that something is wrong: each browser has its own words for it. */
export const isCutOff = (error: unknown): boolean => error instanceof TypeError && /fetch|network|load failed/i.test(error.message)

let last: Promise<unknown> = Promise.resolve()

/**
 * Sends one act after the other. What cannot be sent for want of a connection is kept in this browser,
 * in order; the server takes an act with the same id once.
 */
export function sendOrKeep<T>(act: Act, send: () => Promise<T>): Promise<T | { ok: true; waits: true }> {
  const sent = last.then(async () => {
    const waiting = all()
    if (waiting.length > 0 && !same(waiting[0]!.fields, act.fields)) {
      if (!waiting.some(({ fields }) => same(fields, act.fields))) keep([...waiting, act])
      return { ok: true as const, waits: true as const }
    }
    try {
      const answer = await send()
      if (waiting.length > 0) keep(all().slice(1))
      return answer
    } catch (error) {
      if (!isCutOff(error)) throw error
      if (waiting.length === 0) keep([act])
      return { ok: true as const, waits: true as const }
    }
  })
  last = sent.catch(() => undefined)
  return sent
}

const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** Acts that wait for the connection, oldest first. */
export const useOutbox = (): readonly Act[] => useSyncExternalStore(subscribe, all, () => nothing)
