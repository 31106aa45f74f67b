import { ok, problem, type Result } from '#core/result.ts'
import { formatCount, formatQuantity } from './format.ts'
import { clip, parseNumber } from './number.ts'
import { parseQuantity } from './parse.ts'

/** An interval by distance, by months, by engine hours, or by whichever comes first; m and months. */
export interface Interval {
  distance: number | null
  months: number | null
  /** Engine hours. */
  hours?: number
}

const time = /^(.+?)\s*(months?|mo|years?|yr|a)$/i
const engine = /^(.+?)\s*(?:engine\s+)?(?:hours?|hrs?|h)$/i
const longest = { distance: 200_000_000, months: 120, hours: 5000 }

/**
 * Reads an interval as it is said: `15000 km`, `10 000 mi or 12 months`, `1 year`, `250 h`; "see the manual" is one
 * that is not known.
 *
 * @returns distance in m and months, null for what was not said; a problem in the user's words
 * @example parseInterval('15000 km or 12 months') // => { ok: true, value: { distance: 15000000, months: 12 } }
 */
export function parseInterval(text: string): Result<Interval> {
  const interval: Interval = { distance: null, months: null }
  if (/^(see |by |as )?(the |in the )?(owner'?s |engine )?manual( says)?\.?$/i.test(text.trim())) return ok(interval)
  for (const said of text
    .split(/\s+or\s+|;|,\s+|\s*\/\s*/i)
    .map((one) => one.trim())
    .filter(Boolean)) {
    const inHours = engine.exec(said)
    if (inHours) {
      const number = parseNumber(inHours[1] ?? '')
      if (!number.ok) return number
      if (number.value < 10 || number.value > longest.hours)
        return problem('hours', `${clip(said)} is no interval: from 10 to 5,000 engine hours.`)
      interval.hours = number.value
      continue
    }
    const inTime = time.exec(said)
    if (inTime) {
      const [, amount = '', period = ''] = inTime
      const number = parseNumber(amount)
      if (!number.ok) return number
      const months = /^y|^a$/i.test(period) ? number.value * 12 : number.value
      if (!(months > 0) || months > longest.months)
        return problem('months', `${clip(said)} is no interval: from one month to ten years.`)
      interval.months = months
      continue
    }
    if (/^[\d.,\s]+$/.test(said))
      return problem('unit', `"${clip(said)}" of what? Write ${said} km, ${said} mi or ${said} months.`)
    const distance = parseQuantity(said, {
      dimension: 'length',
      unit: 'km',
      name: 'Interval',
      units: ['km', 'mi', 'months'],
    })
    if (!distance.ok) return distance
    if (distance.value.si < 100_000 || distance.value.si > longest.distance)
      return problem('distance', `${clip(said)} is no interval: from 100 km to 200,000 km.`)
    interval.distance = distance.value.si
  }
  return interval.distance === null && interval.months === null && interval.hours === undefined
    ? problem('empty', 'Write a distance, months, or both: 15000 km or 12 months; or engine hours: 250 h.')
    : ok(interval)
}

/**
 * An interval as it is said.
 *
 * @param unit km or mi
 * @example formatInterval({ distance: 15e6, months: 12 }, 'km') // => '15,000 km or 12 months'
 */
export const formatInterval = ({ distance, months, hours }: Interval, unit: 'km' | 'mi'): string =>
  [
    distance === null ? '' : formatQuantity(distance, unit),
    months === null ? '' : formatCount(months, 'month'),
    hours === undefined ? '' : formatCount(hours, 'engine hour'),
  ]
    .filter(Boolean)
    .join(' or ')
