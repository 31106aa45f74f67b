import { byKey } from '#core/by-key.ts'
import { formatInterval, type Interval } from '#core/quantity/interval.ts'

/** In what state a specimen came to the bench. */
export const specimenConditions = [
  { key: 'new', label: 'New' },
  { key: 'old-stock', label: 'New, old stock' },
  { key: 'used', label: 'Used' },
  { key: 'damaged', label: 'Damaged' },
] as const

export type SpecimenCondition = (typeof specimenConditions)[number]['key']

/** What a specimen is like: its state, and how long it served or lay. */
export interface SpecimenState {
  condition: SpecimenCondition
  /** Served for so long, or lay for so many months; null when it is not known. */
  service: Interval | null
}

/**
 * Whether a specimen stands for the product as it is sold: used and damaged ones are kept out of the averages of the
 * new ones and stand beside them.
 *
 * Source: common practice, no published source.
 *
 * @example standsForNew('used') // => false
 */
export const standsForNew = (condition: SpecimenCondition): boolean => condition === 'new' || condition === 'old-stock'

/**
 * The state of a specimen in words; empty for a new one.
 *
 * @param unit of the distance
 * @example formatSpecimenState({ condition: 'used', service: { distance: 8e6, months: null } }, 'km')
 * // => 'used, 8000 km'
 */
export function formatSpecimenState({ condition, service }: SpecimenState, unit: 'km' | 'mi'): string {
  if (condition === 'new') return ''
  const label = byKey(specimenConditions, condition).label.toLowerCase().replace('new, ', '')
  const long = service ? formatInterval(service, unit).replaceAll(' or ', ', ') : ''
  return long === '' ? label : `${label}, ${long}`
}
