import { daysBetween } from '#core/calendar.ts'

/** Something that is dated, of one lane of a timeline: what happened from one ISO day to another. */
export interface Dated {
  lane: string
  from: string
  to: string
  text: string
}

/** A dated thing with its place on the line, as shares of its length. */
interface PlacedDate extends Dated {
  start: number
  end: number
}

export interface Timeline {
  from: string
  to: string
  /** The first days of the years that begin between, with their places. */
  years: { year: string; at: number }[]
  /** In the order in which they were named; those without anything dated are left out. */
  lanes: { lane: string; dates: PlacedDate[] }[]
}

/**
 * What is dated on one line of time, lane by lane and oldest first.
 *
 * @param lanes in the order in which they are to stand
 * @param dated of those lanes
 * @returns undefined where all is of one day, so that there is no line
 * @example
 * layTimeline(['a'], [{ lane: 'a', from: '2026-01-01', to: '2026-01-11', text: 'made' }])?.lanes[0]?.dates[0]?.end
 * // => 1
 */
export function layTimeline(lanes: readonly string[], dated: readonly Dated[]): Timeline | undefined {
  const from = dated.reduce((least, one) => (one.from < least ? one.from : least), '9999-12-31')
  const to = dated.reduce((most, one) => (one.to > most ? one.to : most), '0000-01-01')
  const days = daysBetween(from, to)
  if (!(days > 0)) return undefined
  const place = (day: string): number => daysBetween(from, day) / days
  const years = Array.from({ length: Number(to.slice(0, 4)) - Number(from.slice(0, 4)) }, (_, at) => {
    const year = String(Number(from.slice(0, 4)) + at + 1)
    return { year, at: place(`${year}-01-01`) }
  })
  return {
    from,
    to,
    years,
    lanes: lanes.flatMap((lane) => {
      const dates = dated
        .filter((one) => one.lane === lane)
        .map((one) => ({ ...one, start: place(one.from), end: place(one.to) }))
        .sort((a, b) => a.start - b.start)
      return dates.length > 0 ? [{ lane, dates }] : []
    }),
  }
}
