import { useMemo } from 'react'
import { useSearchParams } from 'react-router'
import type { Row } from '#core/compare/lineup.ts'
import type { Column } from '#app/data/lineup.server.ts'
import { sortColumns } from './sort.ts'

const listOf = (text: string | null): string[] => (text ? text.split(',') : [])

/** Which columns are shown and in which order: sorted, or as the user put them; pinned ones first, hidden ones gone. All of it stands in the address. */
export function useColumns(columns: readonly Column[], rows: readonly Row[]) {
  const [search, setSearch] = useSearchParams()
  const sort = search.get('sort') ?? 'score'
  const rising = search.get('order') === 'rising'
  const hidden = useMemo(() => new Set(listOf(search.get('hide'))), [search])
  const pinned = useMemo(() => listOf(search.get('pin')), [search])
  const own = useMemo(() => listOf(search.get('columns')), [search])

  const sorted = useMemo(() => sortColumns(columns, rows, sort, rising), [columns, rows, sort, rising])
  const order = useMemo(() => {
    const rank = (at: number) => {
      const { id } = columns[at]!
      const place = own.indexOf(id)
      return (pinned.includes(id) ? -1e6 : 0) + (own.length > 0 ? (place < 0 ? 1e5 : place) : 0)
    }
    return sorted.order
      .map((at, index) => ({ at, key: rank(at) + index / 1e4 }))
      .sort((a, b) => a.key - b.key)
      .map(({ at }) => at)
  }, [sorted, columns, own, pinned])

  return useMemo(() => {
    const set = (changes: Record<string, string | undefined>) =>
      setSearch(
        (now) => {
          const next = new URLSearchParams(now)
          for (const [key, value] of Object.entries(changes)) value ? next.set(key, value) : next.delete(key)
          return next
        },
        { replace: true, preventScrollReset: true },
      )
    return {
      search,
      set,
      sort,
      rising,
      hidden,
      pinned,
      problem: sorted.problem,
      /** Indices of all columns in order, and of those that are shown. */
      order,
      shown: order.filter((at) => !hidden.has(columns[at]!.id)),
      toggle: (key: 'hide' | 'pin', id: string) => {
        const those = key === 'hide' ? [...hidden] : pinned
        set({ [key]: (those.includes(id) ? those.filter((one) => one !== id) : [...those, id]).join(',') })
      },
      sortBy: (key: string) =>
        set({ sort: key, order: sort === key && !rising ? 'rising' : undefined, columns: undefined }),
      putInOrder: (ids: string[]) => set({ columns: ids.join(',') }),
    }
  }, [search, setSearch, sort, rising, hidden, pinned, sorted, order, columns])
}

export type Columns = ReturnType<typeof useColumns>
