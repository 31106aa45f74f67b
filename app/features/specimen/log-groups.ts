import * as texts from '#app/texts/specimen.ts'
import type { LogEntry } from './log-entries.ts'

/** What happened while one station was worked on. */
export interface LogGroup {
  /** Of the station; "Before the first station" for what came before any. */
  label: string
  at: string
  /** Until the next station began, or the last that was done here; s. */
  seconds: number
  entries: LogEntry[]
}

/** A log parted by the stations that were worked on: as each began, else as the readings follow each other. */
export function groupLog(entries: readonly LogEntry[]): LogGroup[] {
  const isStarted = entries.some(({ kind }) => kind === 'Station')
  const groups: Omit<LogGroup, 'seconds'>[] = []
  for (const entry of entries) {
    if (entry.kind === 'Station') groups.push({ label: entry.text.replace(/ begins$/, ''), at: entry.at, entries: [] })
    else {
      const label = isStarted ? undefined : entry.station
      if (groups.length === 0 || (label !== undefined && label !== groups.at(-1)?.label))
        groups.push({ label: label ?? texts.beforeTheFirstStation, at: entry.at, entries: [] })
      groups.at(-1)?.entries.push(entry)
    }
  }
  return groups.map((group, index) => {
    const until = groups[index + 1]?.at ?? group.entries.at(-1)?.at ?? group.at
    return { ...group, seconds: Math.max(0, (Date.parse(until) - Date.parse(group.at)) / 1000) }
  })
}

/** How long something took, as it is said: `2 h 5 min`, `6 min 12 s`, `40 s`. */
export function formatDuration(seconds: number): string {
  const whole = Math.round(seconds)
  const [hours, minutes, rest] = [Math.floor(whole / 3600), Math.floor((whole % 3600) / 60), whole % 60]
  if (hours > 0) return texts.hMin(hours, minutes)
  return minutes > 0 ? texts.minS(minutes, rest) : `${rest} s`
}

/**
 * A time of the day by the clock of this machine, on the day that brings it nearest to another moment; undefined when
 * it is none.
 *
 * @param typed as `HH:MM:SS` or `HH:MM`
 * @param near UTC, ISO 8601
 */
export function timeOfDay(typed: string, near: string): string | undefined {
  const parts = /^\s*([01]?\d|2[0-3]):([0-5]\d)(?::([0-5]\d))?\s*$/.exec(typed)
  if (!parts) return undefined
  const at = new Date(near)
  at.setHours(Number(parts[1]), Number(parts[2]), Number(parts[3] ?? 0), 0)
  const apart = (at.getTime() - Date.parse(near)) / 3_600_000
  if (Math.abs(apart) > 12) at.setDate(at.getDate() - Math.sign(apart))
  return at.toISOString()
}
