import { useEffect, useState } from 'react'
import { href } from 'react-router'
import type { Glance } from '#app/data/glance.server.ts'

/** Line-ups at a glance, one after the other, since each takes a moment; by application. */
export function useGlances(ids: readonly string[]): ReadonlyMap<string, Glance> {
  const [glances, setGlances] = useState<ReadonlyMap<string, Glance>>(new Map())
  const wanted = ids.join(' ')
  useEffect(() => {
    const leaving = new AbortController()
    void (async () => {
      for (const id of wanted.split(' ').filter(Boolean)) {
        const glance = await glanceOf(id, leaving.signal)
        if (leaving.signal.aborted) return
        if (glance) setGlances((before) => new Map(before).set(id, glance))
      }
    })()
    return () => leaving.abort()
  }, [wanted])
  return glances
}

/** Without a connection the page does without it. */
async function glanceOf(application: string, signal: AbortSignal): Promise<Glance | undefined> {
  try {
    const answer = await fetch(href('/lineups/:application/glance', { application }), { signal })
    return answer.ok ? ((await answer.json()) as Glance) : undefined
  } catch {
    return undefined
  }
}
