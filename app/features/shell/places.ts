import { href } from 'react-router'
import * as texts from '#app/texts/shell.ts'
import type { Engine } from './useEngine.ts'

/** A place in the bar. */
export interface Place {
  label: string
  path: string
  /** Whether an address belongs to it. */
  holds: (pathname: string) => boolean
}

const placesOfAll: readonly Place[] = [
  { label: texts.today, path: href('/'), holds: (pathname) => pathname === '/' || pathname === '/lineups/new' },
  { label: texts.plan, path: href('/plan'), holds: (pathname) => /^\/(plan|purchases)(\/|$)/.test(pathname) },
  { label: texts.library, path: href('/library'), holds: (pathname) => /^\/(library|brands)/.test(pathname) },
  { label: texts.kin, path: href('/kin'), holds: (pathname) => pathname.startsWith('/kin') },
]

/** The places of one engine, in the order of the work. */
const placesOfEngine = ({ id: application }: Engine): Place[] => [
  {
    label: texts.bench,
    path: href('/lineups/:application/bench', { application }),
    holds: (pathname) => /^\/(bench|specimens)\/|\/bench-card$/.test(pathname),
  },
  {
    label: texts.lineUp,
    path: href('/lineups/:application', { application }),
    holds: (pathname) =>
      /^\/lineups\/[^/]+(\/(edit|table|products\/new|score\/.+|word\/.+|counter\/.+))?$/.test(pathname) ||
      /^\/products\/[^/]+(\/(edit|specimens\/new))?$/.test(pathname),
  },
  {
    label: texts.faceOff,
    path: href('/lineups/:application/face-off', { application }),
    holds: (pathname) => pathname.endsWith('/face-off'),
  },
  {
    label: texts.claims,
    path: href('/lineups/:application/claims', { application }),
    holds: (pathname) => /\/claims(\/|$)/.test(pathname),
  },
  {
    label: texts.money,
    path: href('/lineups/:application/money', { application }),
    holds: (pathname) => /\/(money|prices|price-list)$/.test(pathname),
  },
  {
    label: texts.kin,
    path: href('/lineups/:application/kin', { application }),
    holds: (pathname) => pathname.endsWith('/kin'),
  },
  {
    label: texts.verdict,
    path: href('/lineups/:application/verdict', { application }),
    holds: (pathname) => pathname.endsWith('/verdict'),
  },
  {
    label: texts.review,
    path: href('/lineups/:application/review', { application }),
    holds: (pathname) => /\/(review|on-air)(\/|$)/.test(pathname),
  },
]

/** The places of what is picked: of one engine, or of all. */
export const placesOf = (engine: Engine | undefined): readonly Place[] =>
  engine ? placesOfEngine(engine) : placesOfAll

/** What of an address goes with one from place to place: the school and the driver. */
export function keptSearch(search: string): string {
  const all = new URLSearchParams(search)
  const kept = new URLSearchParams()
  for (const name of ['school', 'driver']) {
    const value = all.get(name)
    if (value) kept.set(name, value)
  }
  return kept.size > 0 ? `?${kept.toString()}` : ''
}
