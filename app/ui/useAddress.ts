import { useEffect } from 'react'
import { useSearchParams } from 'react-router'

/** What was asked for last and is not in the address yet: a second change meanwhile does not lose the first. */
const asked: { next: URLSearchParams | undefined } = { next: undefined }

/** What the address says behind its question mark, and a way to change it in place; empty takes a name out. */
export function useAddress() {
  const [search, setSearch] = useSearchParams()
  useEffect(() => {
    asked.next = undefined
  }, [search])
  /** What it names beside is put where the address names nothing yet. */
  const set = (changes: Record<string, string>, beside: Record<string, string> = {}) =>
    setSearch(
      // What the page says now, however long ago it was drawn that this is called from.
      () => {
        const next = new URLSearchParams(asked.next ?? window.location.search)
        for (const [name, value] of Object.entries(beside)) if (!next.get(name)) next.set(name, value)
        for (const [name, value] of Object.entries(changes)) {
          if (value === '') next.delete(name)
          else next.set(name, value)
        }
        asked.next = next
        return next
      },
      { replace: true, preventScrollReset: true },
    )
  return { get: (name: string) => search.get(name), set, search }
}
