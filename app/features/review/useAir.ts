import { useEffect, useState } from 'react'
import { href } from 'react-router'
import { followTheBench, type AirBench, type AirControl } from '#core/review/on-air.ts'

interface Air {
  bench: AirBench | undefined
  control: AirControl
  isConnected: boolean
  /** When each reading came here, by the clock of the page; those that were there from the beginning came long ago. */
  arrivals: ReadonlyMap<string, number>
}

const nothing: Air = { bench: undefined, control: followTheBench, isConnected: false, arrivals: new Map() }

/** What lies on the bench of an engine, as it happens; comes back by itself where the connection was lost. */
export function useAir(application: string): Air {
  const [air, setAir] = useState(nothing)
  useEffect(() => {
    const source = new EventSource(href('/lineups/:application/on-air/events', { application }))
    source.onmessage = ({ data }: MessageEvent<string>) => {
      const { bench, control } = JSON.parse(data) as Pick<Air, 'bench' | 'control'>
      const now = performance.now()
      setAir((old) => {
        const arrivals = new Map(
          (bench?.readings ?? []).map(({ id }) => [id, old.arrivals.get(id) ?? (old.bench ? now : -Infinity)]),
        )
        return { bench, control, isConnected: true, arrivals }
      })
    }
    source.onerror = () => setAir((old) => ({ ...old, isConnected: false }))
    return () => source.close()
  }, [application])
  return air
}
