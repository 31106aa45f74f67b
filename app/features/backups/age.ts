import * as texts from '#app/texts/backups.ts'

const minute = 60_000
const hour = 60 * minute
const day = 24 * hour

/**
 * How long ago a moment was, in words.
 *
 * @param from moment, ISO 8601
 * @param to the later moment, ISO 8601
 */
export function ageInWords(from: string, to: string): string {
  const age = Date.parse(to) - Date.parse(from)
  if (age < 2 * minute) return texts.justNow
  if (age < 2 * hour) return texts.minutesAgo(Math.floor(age / minute))
  if (age < 2 * day) return texts.hoursAgo(Math.floor(age / hour))
  return texts.daysAgo(Math.floor(age / day))
}

/** A moment as a day and an hour, UTC. */
export const momentInWords = (moment: string): string => `${moment.slice(0, 10)} ${moment.slice(11, 16)} UTC`
