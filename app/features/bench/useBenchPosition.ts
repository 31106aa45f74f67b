import { useEffect, useState } from 'react'
import { useLocation } from 'react-router'
import type { StationKey } from '#core/catalogue/index.ts'
import { now } from '#app/data/clock.ts'
import { useInBrowser } from '#app/ui/useInBrowser.ts'
import { lastPosition, rememberPosition } from './last-position.ts'

/** So many milliseconds after the last step the address follows: browsers refuse to change it many times a second. */
const addressRest = 200

/**
 * The characteristic that is up, by the address or where the user was last; and how to go to another. Steps are no
 * navigation: one that is pressed while another is under way would be taken back by it.
 */
export function useBenchPosition(specimenId: string) {
  const { key, search } = useLocation()
  const requested = new URLSearchParams(search).get('at')
  const [position, setPosition] = useState({ key, at: requested })
  const last = useInBrowser(() => lastPosition(specimenId), null)
  if (position.key !== key) setPosition({ key, at: requested })
  const at = (position.key === key ? position.at : requested) ?? last

  useEffect(() => {
    if (!at) return
    rememberPosition(specimenId, at)
    const later = setTimeout(() => showInAddress(at), addressRest)
    return () => clearTimeout(later)
  }, [specimenId, at])

  return { at, goTo: (next: string) => setPosition({ key, at: next }) }
}

/** Names a characteristic in the address of the page that is open. */
function showInAddress(at: string): void {
  const address = new URL(window.location.href)
  if (address.searchParams.get('at') === at) return
  address.searchParams.set('at', at)
  window.history.replaceState(window.history.state, '', address)
}

/** When the user came to the station that is up. */
export function useArrival(station: StationKey): string {
  const [arrival, setArrival] = useState(() => ({ station, at: now() }))
  if (arrival.station === station) return arrival.at
  const next = { station, at: now() }
  setArrival(next)
  return next.at
}
