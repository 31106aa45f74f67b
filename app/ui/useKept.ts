import { useCallback, useMemo, useSyncExternalStore } from 'react'
import { browserStorage } from './browser-storage.ts'

/** Stands in where the browser keeps nothing. */
const memory = new Map<string, string>()
const changes = new EventTarget()

function subscribe(onChange: () => void): () => void {
  changes.addEventListener('change', onChange)
  window.addEventListener('storage', onChange)
  return () => {
    changes.removeEventListener('change', onChange)
    window.removeEventListener('storage', onChange)
  }
}

function write(name: string, text: string | undefined): void {
  const storage = browserStorage()
  if (text === undefined) {
    storage?.removeItem(name)
    memory.delete(name)
  } else if (storage) storage.setItem(name, text)
  else memory.set(name, text)
  changes.dispatchEvent(new Event('change'))
}

/**
 * State that outlives a reload: kept in this browser under a name until it is undefined, and taken up again only while
 * it has the shape that is asked for.
 */
export function useKept<T>(name: string, parse: (kept: unknown) => T | undefined) {
  const text = useSyncExternalStore(
    subscribe,
    () => (browserStorage() ?? { getItem: (key: string) => memory.get(key) ?? null }).getItem(name),
    () => null,
  )
  const value = useMemo(() => (text === null ? undefined : parse(jsonOf(text))), [text, parse])
  const keep = useCallback(
    (next: T | undefined) => write(name, next === undefined ? undefined : JSON.stringify(next)),
    [name],
  )
  return [value, keep] as const
}

function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return undefined
  }
}
