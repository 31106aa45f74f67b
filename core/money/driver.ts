import { intervalOf, type Claim } from '#core/claims/claim.ts'
import { byKey } from '#core/by-key.ts'
import type { Interval } from '#core/quantity/interval.ts'

export const duties = [
  { key: 'easy', label: 'Easy', description: 'Long runs, warm engine, clean roads.' },
  { key: 'normal', label: 'Normal', description: 'Mixed use.' },
  {
    key: 'severe',
    label: 'Severe',
    description: 'Towing, dust, heat, short trips, or a constant load such as a pump or a boat.',
  },
] as const
type Duty = (typeof duties)[number]['key']

export const climates = [
  { key: 'mild', label: 'Mild' },
  { key: 'cold', label: 'Cold starts' },
  { key: 'hot', label: 'Hot' },
] as const
type Climate = (typeof climates)[number]['key']

export const positions = [
  { key: 'upright', label: 'Upright, opening on top' },
  { key: 'sideways', label: 'Sideways' },
  { key: 'hanging', label: 'Hanging, opening down' },
] as const
type Position = (typeof positions)[number]['key']

/** Oil that a driver uses. Common practice, no published source. */
export const oilKinds = [
  { key: 'mineral', label: 'Mineral', synthetic: false },
  { key: 'semi', label: 'Part synthetic', synthetic: false },
  { key: 'full', label: 'Full synthetic', synthetic: true },
  { key: 'winter', label: 'Thin winter oil', synthetic: true },
] as const
type OilKind = (typeof oilKinds)[number]['key']

/**
 * Whether an oil is one that a claim asks for: synthetic where synthetic is asked for, any where something else is.
 *
 * @param asked as the claim words it
 * @param oil that is used
 * @example isOilAsked('full synthetic oil', 'mineral') // => false
 */
export const isOilAsked = (asked: string, oil: OilKind): boolean =>
  !/synth/i.test(asked) || /semi|part|blend/i.test(asked) || byKey(oilKinds, oil).synthetic

/** Somebody who buys filters. */
export interface Driver {
  id: string
  name: string
  /** m a year */
  annualDistance: number
  /** Hours a year that the engine runs; null when it is not known: then an interval in engine hours sets no limit. */
  annualHours: number | null
  habit: Interval
  duty: Duty
  climate: Climate
  position: Position
  /** Hottest oil, K; null when it is not known. */
  oilTemperatureMax: number | null
  oil: OilKind
  vehicles: number
}

/** What the engine's manual says, by duty; absent where it was not looked up. */
export type ServiceIntervals = Partial<Record<Duty, Interval>>

/** Which of the three sets the usable interval. */
type IntervalLimit = 'claim' | 'manual' | 'habit'

export interface UsableInterval {
  /** m, by distance, months and engine hours together at this driver's pace. */
  distance: number
  limit: IntervalLimit
  /** Why the claim does not count for this driver. */
  claimFails: string | undefined
  /** The claim's own interval at this driver's pace, m. */
  claimed: number | undefined
  /** Claimed and not used, m. */
  unused: number
}

/** How much a driver drives a year, and how long the engine runs in it. */
type Pace = Pick<Driver, 'annualDistance' | 'annualHours'>

/**
 * An interval as a distance at a driver's pace: the soonest of its distance, its months and its engine hours.
 *
 * @returns Infinity when nothing of it can be paced
 */
const pacedDistance = ({ distance, months, hours }: Interval, { annualDistance, annualHours }: Pace): number =>
  Math.min(
    distance ?? Infinity,
    months === null ? Infinity : (months / 12) * annualDistance,
    hours === undefined || annualHours === null ? Infinity : (hours / annualHours) * annualDistance,
  )

/**
 * The interval that is usable for a driver: the smallest of the claim, or of the share of it that holds under severe
 * duty, where its conditions are met, the engine's manual for that duty, and the driver's own habit.
 *
 * Source: common practice, no published source.
 *
 * @param claims interval claims that stand; the shortest holds
 * @returns undefined when none of the three gives an interval
 * @example usableInterval(driver, [intervalClaim('a', 25e6)], {})?.limit // => 'habit'
 */
export function usableInterval(
  driver: Driver,
  claims: readonly Claim[],
  manual: ServiceIntervals,
): UsableInterval | undefined {
  const intervals = claims.filter(({ kind }) => kind === 'interval')
  const paced = intervals.map(({ parts }) => {
    const share = driver.duty === 'severe' ? (parts.severeShare ?? 1) : 1
    return share * pacedDistance(intervalOf(parts), driver)
  })
  const claimed = paced.length > 0 ? Math.min(...paced) : undefined
  const oil = intervals.find(({ parts }) => parts.oil && !isOilAsked(parts.oil, driver.oil))
  const severe = driver.duty === 'severe' ? intervals.find(({ parts }) => parts.notSevere) : undefined
  const claimFails = oil ? `it asks for ${oil.parts.oil}` : severe ? 'it does not hold under severe duty' : undefined

  const ofManual = manual[driver.duty]
  const limits: [IntervalLimit, number][] = [
    ['manual', ofManual ? pacedDistance(ofManual, driver) : Infinity],
    ['habit', pacedDistance(driver.habit, driver)],
    ['claim', claimed !== undefined && !claimFails ? claimed : Infinity],
  ]
  const [limit, distance] = limits.reduce((least, one) => (one[1] < least[1] ? one : least))
  if (!Number.isFinite(distance)) return undefined
  const finite = claimed !== undefined && Number.isFinite(claimed) ? claimed : undefined
  return { distance, limit, claimFails, claimed: finite, unused: Math.max(0, (finite ?? 0) - distance) }
}

/**
 * Whether an interval in engine hours bears on a driver whose hours are not known: it sets no limit then.
 *
 * Source: common practice, no published source.
 *
 * @param claims that stand
 * @example isShortOfHours(driver, [intervalClaim('a', 25e6)], {}) // => false
 */
export const isShortOfHours = (driver: Driver, claims: readonly Claim[], manual: ServiceIntervals): boolean =>
  driver.annualHours === null &&
  (manual[driver.duty]?.hours !== undefined ||
    claims.some(({ kind, parts }) => kind === 'interval' && parts.hours !== undefined))

export interface DrivingCost {
  changesAYear: number
  /** Smallest units of the currency, a year and one vehicle. */
  aYear: number
  /** For so many metres. */
  perDistance: number
}

/**
 * What a filter costs a driver.
 *
 * @param landed smallest units of the currency, for one filter
 * @param interval usable, m
 * @param driver distance a year, m
 * @param per distance to state the cost for, m
 * @example drivingCost(1000, 10e6, { annualDistance: 20e6 }, 10e6)
 * // => { changesAYear: 2, aYear: 2000, perDistance: 1000 }
 */
export function drivingCost(
  landed: number,
  interval: number,
  { annualDistance }: Pick<Driver, 'annualDistance'>,
  per: number,
): DrivingCost {
  const changesAYear = annualDistance / interval
  return { changesAYear, aYear: changesAYear * landed, perDistance: (landed * per) / interval }
}
