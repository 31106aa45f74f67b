import { useSyncExternalStore } from 'react'

/** One act at the bench that the server has not confirmed. */
export interface Act {
  specimen: string
  fields: Record<string, string>
  /** It could not be sent; unset while it is on its way. */
  waits?: boolean
}

const place = 'plicator-outbox'
const listeners = new Set<() => void>()
const nothing: readonly Act[] = []
let acts: readonly Act[] | undefined

function all(): readonly Act[] {
  if (acts) return acts
  try {
    // What a page left behind when it was closed waits as well.
    acts = (JSON.parse(localStorage.getItem(place) ?? '[]') as Act[]).map((act) => ({ ...act, waits: true }))
  } catch {
    acts = nothing
  }
  return acts
}

function keep(next: readonly Act[]): void {
  const heard = [...(acts ?? nothing), ...next].some(({ waits }) => waits)
  acts = next
  localStorage.setItem(place, JSON.stringify(next))
  if (heard) for (const listener of listeners) listener()
}

const same = (a: Record<string, string>, b: Record<string, string>): boolean => a.id === b.id && a.intent === b.intent

/** The connection failed, as against an answer that something is wrong: each browser has its own words for it. */
export const isCutOff = (error: unknown): boolean =>
  error instanceof TypeError && /fetch|network|load failed/i.test(error.message)

const refused = new Set<string>()

/** Whether the server would not take an act, so that the page does not show it as done. */
export const wasRefused = (id: string): boolean => refused.has(id)

let last: Promise<unknown> = Promise.resolve()

/**
 * Sends one act after the other. Each is kept in this browser until the server has confirmed it, so that neither a
 * dropped connection nor a closed page loses it; the server takes an act with the same id once.
 */
export function sendOrKeep<T>(act: Act, send: () => Promise<T>): Promise<T | { ok: true; waits: true }> {
  const sent = last.then(async () => {
    if (!all().some(({ fields }) => same(fields, act.fields))) keep([...all(), act])
    if (!same(all()[0]!.fields, act.fields)) {
      keep(all().map((one) => (same(one.fields, act.fields) ? { ...one, waits: true } : one)))
      return { ok: true as const, waits: true as const }
    }
    const done = () => keep(all().filter(({ fields }) => !same(fields, act.fields)))
    try {
      const answer = await send()
      if ((answer as { ok?: boolean }).ok === false) refused.add(act.fields.id ?? '')
      done()
      return answer
    } catch (error) {
      if (!isCutOff(error)) {
        done()
        throw error
      }
      keep(all().map((one) => (same(one.fields, act.fields) ? { ...one, waits: true } : one)))
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
