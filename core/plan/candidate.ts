import type { Row } from '#core/compare/lineup.ts'
import { leastGain, nextReadings } from '#core/verdict/next-reading.ts'
import { contenders, type EvaluatedRevision } from '#core/verdict/ranking.ts'
import { specimensUntilSure } from '#core/verdict/specimens-until-sure.ts'
import { openingGain } from './opening-gain.ts'
import { recordingMinutes } from './recording-minutes.ts'

/** Work that may be done for an engine, and what it is worth. */
export interface Candidate {
  /** A reading of what is there, more specimens of the two foremost, or a filter that nobody has opened. */
  kind: 'reading' | 'specimens' | 'opening'
  /** Ids of the revisions that it is about, those of {@link EvaluatedRevision}. */
  of: string[]
  /** What is read; empty for whole specimens. */
  label: string
  /** Keys of the readings. */
  readings: string[]
  /** So many specimens more of each. */
  more: number
  minutes: number
  /** By how much the chance of naming the right one grows, 0 to 1. */
  gain: number
}

/** So many readings of one engine stand beside what else there is to do. */
const mostReadings = 3

/**
 * What may be done next for an engine: the readings that settle most a minute, more specimens of the two foremost, and
 * each filter that nobody has opened.
 *
 * @param evaluated all columns
 * @param rows of the line-up
 * @param unopened filters of which nothing is recorded
 * @returns those that gain anything, the most a minute first
 * @example candidates([leader], rows, []) // => []
 */
export function candidates(
  evaluated: readonly EvaluatedRevision[],
  rows: readonly Row[],
  unopened: readonly EvaluatedRevision[],
): Candidate[] {
  const minutes = recordingMinutes(rows)
  return [
    ...readingCandidates(evaluated, rows),
    ...specimenCandidates(evaluated, minutes),
    ...openingCandidates(contenders(evaluated), unopened, minutes),
  ]
    .filter(({ gain }) => gain >= leastGain)
    .sort((a, b) => b.gain / b.minutes - a.gain / a.minutes)
}

const readingCandidates = (evaluated: readonly EvaluatedRevision[], rows: readonly Row[]): Candidate[] =>
  nextReadings(evaluated, rows)
    .slice(0, mostReadings)
    .map(({ column, label, readings, minutes, gain }) => ({
      kind: 'reading',
      of: [column],
      ...{ label, readings, more: 0, minutes, gain },
    }))

/** Of so many more specimens those that gain most for each. */
function specimenCandidates(evaluated: readonly EvaluatedRevision[], minutes: number): Candidate[] {
  const until = specimensUntilSure(evaluated)
  const now = until?.steps[0]?.right
  if (!until || now === undefined) return []
  const [best] = until.steps
    .filter(({ more }) => more > 0)
    .map(({ more, right }) => ({ more, gain: right - now }))
    .sort((a, b) => b.gain / b.more - a.gain / a.more)
  if (!best) return []
  const work = 2 * best.more * minutes
  return [{ kind: 'specimens', of: until.columns, label: '', readings: [], ...best, minutes: work }]
}

/** Those of which as much is claimed and asked are worth the same: it is drawn once for them. */
function openingCandidates(
  judged: readonly EvaluatedRevision[],
  unopened: readonly EvaluatedRevision[],
  minutes: number,
): Candidate[] {
  const gains = new Map<string, number>()
  return unopened.map((one) => {
    const known = JSON.stringify(one.context.attributes)
    const gain = gains.get(known) ?? openingGain(judged, one)
    gains.set(known, gain)
    return { kind: 'opening', of: [one.id], label: '', readings: [], more: 1, minutes, gain }
  })
}
