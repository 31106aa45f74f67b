import { useEffect, useState } from 'react'

/** So long after a reading was taken is asked anew, so that a run of readings asks once; ms. */
const settling = 1500

/**
 * What the server says of a specimen, asked anew when the number of readings changes; a help that work goes on without.
 */
export function useServerAnswer<Answer>(path: string, readings: number): Answer | undefined {
  const [answer, setAnswer] = useState<Answer>()
  useEffect(() => {
    const request = new AbortController()
    const timer = setTimeout(() => {
      fetch(path, { signal: request.signal })
        .then(async (response) => {
          if (response.ok) setAnswer((await response.json()) as Answer)
        })
        .catch(() => undefined)
    }, settling)
    return () => {
      clearTimeout(timer)
      request.abort()
    }
  }, [path, readings])
  return answer
}
