import { useEffect, useState } from 'react'
import { useSearchParams } from 'react-router'
import type { StationKey } from '#core/catalogue/index.ts'
import { now } from '#app/data/clock.ts'
import { lastPosition, rememberPosition } from './last-position.ts'

/** The characteristic that is up, by the address or where the user was last; and how to go to another. */
export function useBenchPosition(specimenId: string) {
  const [search, setSearch] = useSearchParams()
  const requested = search.get('at')
  const { at, moveTo } = useImmediatePosition(requested)

  useEffect(() => {
    if (requested) return rememberPosition(specimenId, requested)
    const last = lastPosition(specimenId)
    if (last) setSearch({ at: last }, { replace: true, preventScrollReset: true })
  }, [requested, specimenId, setSearch])

  const goTo = (key: string) => {
    moveTo(key)
    setSearch({ at: key }, { replace: true, preventScrollReset: true })
  }
  return { at, goTo }
}

/** Is at once where the user goes, while the address follows in its own time. */
function useImmediatePosition(requested: string | null): { at: string | null; moveTo: (key: string) => void } {
  const [position, setPosition] = useState({ requested, at: requested, underWay: [] as string[] })
  if (position.requested !== requested) {
    const own = position.underWay.indexOf(requested ?? '')
    const next =
      own >= 0
        ? { requested, at: position.at, underWay: position.underWay.slice(own + 1) }
        : { requested, at: requested, underWay: [] }
    setPosition(next)
    return { at: next.at, moveTo: () => undefined }
  }
  const moveTo = (key: string) => setPosition((before) => ({ ...before, at: key, underWay: [...before.underWay, key] }))
  return { at: position.at, moveTo }
}

/** When the user came to the station that is up. */
export function useArrival(station: StationKey): string {
  const [arrival, setArrival] = useState(() => ({ station, at: now() }))
  if (arrival.station === station) return arrival.at
  const next = { station, at: now() }
  setArrival(next)
  return next.at
}
