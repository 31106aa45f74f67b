import { useEffect, useState } from 'react'
import { href } from 'react-router'
import { fetchJson } from '#app/ui/useJson.ts'
import type { Glance } from '#app/data/glance.server.ts'

/**
 * Line-ups at a glance by application: those that came with the page, the others one after the other, since each takes
 * a moment.
 */
export function useGlances(
  ids: readonly string[],
  known: Readonly<Record<string, Glance>>,
): ReadonlyMap<string, Glance> {
  const [fetched, setGlances] = useState<ReadonlyMap<string, Glance>>(new Map())
  const wanted = ids.filter((id) => !(id in known)).join(' ')
  useEffect(() => {
    const leaving = new AbortController()
    void (async () => {
      for (const id of wanted.split(' ').filter(Boolean)) {
        const glance = await fetchJson<Glance>(
          href('/lineups/:application/glance', { application: id }),
          leaving.signal,
        )
        if (leaving.signal.aborted) return
        if (glance) setGlances((before) => new Map(before).set(id, glance))
      }
    })()
    return () => leaving.abort()
  }, [wanted])
  return new Map([...fetched, ...Object.entries(known)])
}
