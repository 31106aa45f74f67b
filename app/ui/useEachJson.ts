import { useEffect, useState } from 'react'
import { fetchJson } from './useJson.ts'

/**
 * What an address answers for each of several ids: what came with the page, the others one after the other, since each
 * takes a moment.
 */
export function useEachJson<Data>(
  ids: readonly string[],
  known: Readonly<Record<string, Data>>,
  addressOf: (id: string) => string,
): ReadonlyMap<string, Data> {
  const [fetched, setFetched] = useState<ReadonlyMap<string, Data>>(new Map())
  const wanted = ids
    .filter((id) => !(id in known))
    .map((id) => `${id} ${addressOf(id)}`)
    .join('\n')
  useEffect(() => {
    const leaving = new AbortController()
    void (async () => {
      for (const line of wanted.split('\n').filter(Boolean)) {
        const [id = '', address = ''] = line.split(' ')
        const data = await fetchJson<Data>(address, leaving.signal)
        if (leaving.signal.aborted) return
        if (data) setFetched((before) => new Map(before).set(id, data))
      }
    })()
    return () => leaving.abort()
  }, [wanted])
  return new Map([...fetched, ...Object.entries(known)])
}
