import type { CameraRun } from '#core/teardown/camera-runs.ts'
import type { Cut } from './edit-list.ts'
import { frameAt, secondsOf, type FrameRateKey } from './frame-rate.ts'

/** Something that happened before the camera. */
export interface Moment {
  /** UTC, ISO 8601. */
  at: string
  text: string
  /** Begins a chapter; else it is a caption. */
  isChapter: boolean
}

/** A run of the camera. */
export interface Take {
  /** When it began to run; UTC, ISO 8601. */
  startsAt: string
  /** When it stopped; null where that is not known. */
  endsAt: string | null
  moments: readonly Moment[]
  /** Reel or clip of the edit list that is this take; empty for the one in its order. */
  reel: string
  /** Frame that its timecode begins with. */
  firstFrame: number
}

/** A moment in the film, seconds from its beginning. */
export interface FilmMoment {
  at: number
  text: string
  isChapter: boolean
}

/** A take without an end ends so long after its last moment, s. */
const after = 10

/**
 * Where moments are in a film that was not cut: takes one after the other.
 *
 * @param takes in the order of the film
 * @returns in the order of the film; what was before its camera ran is left out
 * @example
 * uncutFilm([{ startsAt: '2026-10-02T10:00:00Z', endsAt: null, reel: '', firstFrame: 0,
 *   moments: [{ at: '2026-10-02T10:00:05Z', text: 'Box', isChapter: true }] }])
 * // => [{ at: 5, text: 'Box', isChapter: true }]
 */
export function uncutFilm(takes: readonly Take[]): FilmMoment[] {
  let before = 0
  return takes.flatMap((take) => {
    const own = momentsOf(take)
    const placed = own.map((moment) => ({ ...moment, at: before + moment.at }))
    const [last] = own.slice(-1)
    before += lengthOf(take) ?? (last ? last.at + after : 0)
    return placed
  })
}

/**
 * Where moments are in a film that was cut: those that were cut away go, those of a piece that stands twice are where
 * they are first; a chapter whose beginning was cut away begins with what is left of it.
 *
 * @param takes in the order in which they were filmed
 * @param cuts by an edit list
 * @param rate of the list
 * @example cutFilm([], [], '25') // => []
 */
export function cutFilm(takes: readonly Take[], cuts: readonly Cut[], rate: FrameRateKey): FilmMoment[] {
  const names = [...new Set(cuts.map(({ reel, clip }) => clip || reel))]
  return takes
    .flatMap((take, index) => {
      const name = take.reel || names[index]
      const own = cuts.filter(({ reel, clip }) => name !== undefined && (clip === name || reel === name))
      return momentsOf(take).flatMap((moment, at, all) => {
        const frame = take.firstFrame + frameAt(moment.at, rate)
        const next = all.slice(at + 1).find(({ isChapter }) => isChapter)
        const end = moment.isChapter ? (next ? take.firstFrame + frameAt(next.at, rate) : Infinity) : frame + 1
        const [first] = own
          .filter(({ from, to }) => from < end && to > frame)
          .map((cut) => cut.at + Math.max(0, frame - cut.from))
          .sort((a, b) => a - b)
        return first === undefined ? [] : [{ ...moment, at: secondsOf(first, rate) }]
      })
    })
    .sort((a, b) => a.at - b.at)
}

/** Seconds that a take runs; undefined where nobody said when it stopped. */
const lengthOf = ({ startsAt, endsAt }: Pick<Take, 'startsAt' | 'endsAt'>): number | undefined =>
  endsAt === null ? undefined : (Date.parse(endsAt) - Date.parse(startsAt)) / 1000

/**
 * What happened in each run of a camera; a chapter that began while it stood still begins with the run after.
 *
 * @param runs of the camera, oldest first
 * @param moments of all of them, in any order
 * @example momentsByRun([{ startsAt: '2026-10-02T10:00:00Z', endsAt: null }], []) // => [[]]
 */
export const momentsByRun = (runs: readonly CameraRun[], moments: readonly Moment[]): Moment[][] =>
  runs.map(({ startsAt, endsAt }, index) => {
    const [start, end] = [Date.parse(startsAt), endsAt === null ? Infinity : Date.parse(endsAt)]
    const stopped = Date.parse(runs[index - 1]?.endsAt ?? startsAt)
    const isWithin = (at: string, from: number, to: number) => Date.parse(at) >= from && Date.parse(at) < to
    const own = moments.filter(({ at }) => isWithin(at, start, end))
    const [meanwhile] = moments
      .filter(({ at, isChapter }) => isChapter && isWithin(at, stopped, start))
      .sort((a, b) => b.at.localeCompare(a.at))
    return meanwhile ? [{ ...meanwhile, at: startsAt }, ...own] : own
  })

/** Moments of a take, seconds from its beginning. */
const momentsOf = ({ startsAt, moments }: Take): FilmMoment[] =>
  moments
    .map(({ at, text, isChapter }) => ({ at: (Date.parse(at) - Date.parse(startsAt)) / 1000, text, isChapter }))
    .filter(({ at }) => at >= 0)
    .sort((a, b) => a.at - b.at)
