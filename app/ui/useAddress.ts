import { useSearchParams } from 'react-router'

/** What the address says behind its question mark, and a way to change it in place; empty takes a name out. */
export function useAddress() {
  const [search, setSearch] = useSearchParams()
  const set = (changes: Record<string, string>) =>
    setSearch(
      (now) => {
        const next = new URLSearchParams(now)
        for (const [name, value] of Object.entries(changes)) {
          if (value === '') next.delete(name)
          else next.set(name, value)
        }
        return next
      },
      { replace: true, preventScrollReset: true },
    )
  return { get: (name: string) => search.get(name), set, search }
}
