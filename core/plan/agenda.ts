import { daysBetween } from '#core/calendar.ts'

/** Something that falls on a day. */
export interface Dated {
  /** ISO 8601. */
  day: string
}

/** When something is due, seen from today. */
export type When = 'past' | 'today' | 'week' | 'month' | 'later'

/** What falls into one stretch of time, the earliest first. */
export interface Stretch<One extends Dated> {
  when: When
  due: One[]
}

const order: readonly When[] = ['past', 'today', 'week', 'month', 'later']

/** When a day is, seen from today: a week are seven days, a month thirty. */
function whenIs(day: string, today: string): When {
  const ahead = daysBetween(today, day)
  if (ahead < 0) return 'past'
  if (ahead === 0) return 'today'
  return ahead <= 7 ? 'week' : ahead <= 30 ? 'month' : 'later'
}

/**
 * What is due, by stretches of time from today on; what is past and not done comes first.
 *
 * @param due in any order
 * @param today ISO 8601
 * @returns stretches that hold anything
 * @example agenda([{ day: '2026-11-28' }], '2026-11-27').map(({ when }) => when) // => ['week']
 */
export function agenda<One extends Dated>(due: readonly One[], today: string): Stretch<One>[] {
  const sorted = [...due].sort((a, b) => a.day.localeCompare(b.day))
  return order
    .map((when) => ({ when, due: sorted.filter(({ day }) => whenIs(day, today) === when) }))
    .filter((stretch) => stretch.due.length > 0)
}
