import { startTransition, useEffect, useState } from 'react'

/** What an address of this app answers as data; undefined where there is no connection, or it has none. */
export async function fetchJson<Data>(path: string, signal?: AbortSignal): Promise<Data | undefined> {
  try {
    const answer = await fetch(path, signal ? { signal } : {})
    return answer.ok ? ((await answer.json()) as Data) : undefined
  } catch {
    return undefined
  }
}

/** Data beside the page, that the page does without while there is no connection; asked for where a path is given. */
export function useJson<Data>(path: string | undefined): { data: Data | undefined; isLoading: boolean } {
  const [answer, setAnswer] = useState<{ path: string; data: Data | undefined }>()
  useEffect(() => {
    if (path === undefined) return
    const leaving = new AbortController()
    void fetchJson<Data>(path, leaving.signal).then((data) => {
      if (!leaving.signal.aborted) startTransition(() => setAnswer({ path, data }))
    })
    return () => leaving.abort()
  }, [path])
  const isAnswered = answer !== undefined && answer.path === path
  return { data: isAnswered ? answer.data : undefined, isLoading: path !== undefined && !isAnswered }
}
