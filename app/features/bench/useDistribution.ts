import { useEffect, useState } from 'react'
import { href } from 'react-router'
import type { LibraryOccurrences } from '#core/compare/occurrence.ts'
import type { LineupPeer } from '#app/data/peers.server.ts'

interface Distribution {
  peers: LineupPeer[]
  library: LibraryOccurrences
}

/**
 * The distribution of a characteristic. It is a help beside the work: when it cannot be had, the work goes on
 * without.
 */
export function useDistribution(specimen: string, characteristic: string): Distribution | undefined {
  const [distribution, setDistribution] = useState<Distribution>()
  useEffect(() => {
    const request = new AbortController()
    fetch(href('/bench/:specimen/distribution/:characteristic', { specimen, characteristic }), {
      signal: request.signal,
    })
      .then(async (response) =>
        response.ok
          ? setDistribution((await response.json()) as Distribution)
          : setDistribution({ peers: [], library: { answers: [], numbers: [] } }),
      )
      .catch(() => undefined)
    return () => request.abort()
  }, [specimen, characteristic])
  return distribution
}
