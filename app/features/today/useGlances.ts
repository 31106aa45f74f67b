import { useEffect, useState } from 'react'
import { href } from 'react-router'
import { fetchJson } from '#app/ui/useJson.ts'
import type { Glance } from '#app/data/glance.server.ts'

/** Line-ups at a glance, one after the other, since each takes a moment; by application. */
export function useGlances(ids: readonly string[]): ReadonlyMap<string, Glance> {
  const [glances, setGlances] = useState<ReadonlyMap<string, Glance>>(new Map())
  const wanted = ids.join(' ')
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
  return glances
}
