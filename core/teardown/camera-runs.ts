import { ok, problem, type Result } from '#core/result.ts'
import { formatTimecode } from './timecode.ts'

/** The camera stopped while a specimen was filmed, and ran again or not. UTC, ISO 8601. */
export interface CameraPause {
  id: string
  stoppedAt: string
  resumedAt: string | null
}

/** The camera ran from here to there; to the end of the film where it never stopped. UTC, ISO 8601. */
export interface CameraRun {
  startsAt: string
  endsAt: string | null
}

/**
 * When the camera ran, run by run.
 *
 * @param filmingAt when it began; null where nothing was filmed
 * @param pauses oldest first
 * @example cameraRuns('2026-10-02T10:00:00Z', []) // => [{ startsAt: '2026-10-02T10:00:00Z', endsAt: null }]
 */
export function cameraRuns(filmingAt: string | null, pauses: readonly CameraPause[]): CameraRun[] {
  if (filmingAt === null) return []
  const runs: CameraRun[] = []
  let startsAt: string | null = filmingAt
  for (const { stoppedAt, resumedAt } of pauses) {
    if (startsAt !== null) runs.push({ startsAt, endsAt: stoppedAt })
    startsAt = resumedAt
  }
  return startsAt === null ? runs : [...runs, { startsAt, endsAt: null }]
}

/**
 * Where on the film something happened, takes one after the other.
 *
 * @param at when it happened; UTC, ISO 8601
 * @param runs of the camera, oldest first
 * @returns minutes and seconds, or that it is not on the film
 * @example timeOnFilm('2026-10-02T10:12:07Z', [{ startsAt: '2026-10-02T10:00:00Z', endsAt: null }]) // => '12:07'
 */
export function timeOnFilm(at: string, runs: readonly CameraRun[]): string {
  const moment = Date.parse(at)
  let before = 0
  for (const { startsAt, endsAt } of runs) {
    const [start, end] = [Date.parse(startsAt), endsAt === null ? Infinity : Date.parse(endsAt)]
    if (moment < start) return before === 0 ? 'before' : 'stopped'
    if (moment < end) return formatTimecode(at, new Date(start - before).toISOString()) ?? 'before'
    before += end - start
  }
  return 'stopped'
}

/**
 * Pauses with one more press of the camera: it stops, or runs again.
 *
 * @param runs of the camera until now
 * @param at when it was pressed; UTC, ISO 8601
 * @returns what became of it: it stops, or runs again; or why it cannot
 * @example cameraPress([], '2026-10-02T10:00:00Z').ok // => false
 */
export function cameraPress(runs: readonly CameraRun[], at: string): Result<'stops' | 'runs-again'> {
  const last = runs.at(-1)
  if (!last) return problem('not-filmed', 'Say first when the camera began to run.')
  const latest = last.endsAt ?? last.startsAt
  if (!(Date.parse(at) > Date.parse(latest)))
    return problem('order', last.endsAt === null ? 'It began after that.' : 'It stopped after that.')
  return ok(last.endsAt === null ? 'stops' : 'runs-again')
}
