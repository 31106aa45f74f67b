import { byKey } from '#core/by-key.ts'

/** How a filter can be had, the easiest first. Common practice, no published source. */
export const availabilities = [
  { key: 'counter', label: 'On every counter', canBeHad: true },
  { key: 'order', label: 'To order', canBeHad: true },
  { key: 'stop-gap', label: 'Stop-gap', canBeHad: true },
  { key: 'last', label: 'Last stock', canBeHad: true },
  { key: 'import', label: 'Import only', canBeHad: false },
  { key: 'hard', label: 'Hard to find', canBeHad: false },
  { key: 'out', label: 'Out of production', canBeHad: false },
] as const

export type Availability = (typeof availabilities)[number]['key']

/** How a filter could be had, where and when that was seen. */
export interface SeenAvailability {
  status: Availability
  place: string
  /** Day, ISO 8601. */
  seenOn: string
  /** Of a revision; null when it is of all. */
  revisionId: string | null
}

/**
 * Whether a filter can be had: so it is taken where nobody has said otherwise.
 *
 * @param status undefined where it was not looked up
 * @example canBeHad('import') // => false
 */
export const canBeHad = (status: Availability | undefined): boolean =>
  status === undefined || byKey(availabilities, status).canBeHad

/**
 * What was seen last of a revision; what is said of all its product counts for it too.
 *
 * @param seen of one product, in any order
 * @param revisionId of which it is asked
 * @example latestAvailability([], 'r1') // => undefined
 */
export const latestAvailability = <Seen extends SeenAvailability>(
  seen: readonly Seen[],
  revisionId: string,
): Seen | undefined =>
  seen
    .filter((one) => one.revisionId === null || one.revisionId === revisionId)
    .reduce<Seen | undefined>((latest, one) => (latest && latest.seenOn >= one.seenOn ? latest : one), undefined)

/**
 * What a way to have a filter is called.
 *
 * @example availabilityLabel('import') // => 'Import only'
 */
export const availabilityLabel = (status: Availability): string => byKey(availabilities, status).label

/**
 * How a filter can be had, in words.
 *
 * @example
 * formatAvailability({ status: 'import', place: 'Sund & Co', seenOn: '2026-10-02', revisionId: null })
 * // => 'import only, Sund & Co, 2026-10-02'
 */
export const formatAvailability = ({ status, place, seenOn }: SeenAvailability): string =>
  [availabilityLabel(status).toLowerCase(), place, seenOn].filter(Boolean).join(', ')
