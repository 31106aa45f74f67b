/** A reading as it goes over the picture. */
interface AirReading {
  id: string
  /** Of its characteristic. */
  key: string
  label: string
  text: string
  /** How it is known, where it was not looked at; empty else. */
  reservation: string
}

/** What lies on the bench, as it goes over the picture: readings that stand, in the order in which they were taken. */
export interface AirBench {
  specimenId: string
  product: string
  readings: AirReading[]
}

/** How the picture is driven. */
export interface AirControl {
  isHidden: boolean
  /** The reading that is held; empty while the bench is followed. */
  held: string
  /** Beside the reading, what the others of the line-up have. */
  compares: boolean
  /** A reading comes so long after it was taken, ms. */
  delay: number
}

export const followTheBench: AirControl = { isHidden: false, held: '', compares: false, delay: 0 }

/** What is up, and since when; ms of any clock. */
export interface Shown {
  id: string
  since: number
}

/** When readings came to where they are shown, by id; ms of the same clock. */
export type Arrivals = ReadonlyMap<string, number>

/** So long a reading stays before the next one of several that came at once, ms. */
export const leastUp = 2500

/**
 * The reading that is up next: the one that is held, else each that came in its turn, long enough to be read, up to the
 * latest. One that was struck goes at once, and none comes before its delay is over.
 *
 * @param bench what lies on it
 * @param arrivals when its readings came
 * @param control how it is driven
 * @param shown what is up now
 * @param now by the same clock
 * @returns undefined for nothing
 * @example
 * nextShown({ specimenId: 's', product: 'N-40', readings: [] }, new Map(), followTheBench, undefined, 0)
 * // => undefined
 */
export function nextShown(
  { readings }: AirBench,
  arrivals: Arrivals,
  control: AirControl,
  shown: Shown | undefined,
  now: number,
): Shown | undefined {
  if (control.isHidden) return undefined
  const due = readings.filter(({ id }) => (arrivals.get(id) ?? now) + control.delay <= now)
  const up = (id: string): Shown => (shown?.id === id ? shown : { id, since: now })
  if (control.held !== '') return due.some(({ id }) => id === control.held) ? up(control.held) : undefined
  const latest = due.at(-1)
  if (!latest) return undefined
  const at = shown ? due.findIndex(({ id }) => id === shown.id) : -1
  if (!shown || at < 0) return up(latest.id)
  const next = due[at + 1]
  return next && now - shown.since >= leastUp ? up(next.id) : shown
}
