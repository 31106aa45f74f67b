import type { Criterion } from '#core/score/criterion.ts'
import { combineScoreLines } from '#core/score/score.ts'
import { contenders, type EvaluatedRevision } from './ranking.ts'

/** A line-up judged only on what is known of all that are compared. */
export interface CommonGround {
  evaluated: EvaluatedRevision[]
  kept: Criterion[]
  /** Criteria of which something is not known of at least one. */
  leftOut: Criterion[]
}

/**
 * What is known of all that are compared: every criterion that is known of each of them, or that it cannot have. A
 * missing value is then no point for or against anybody.
 *
 * @param evaluated all columns
 * @param compared those that must all be known; all that are judged unless others are named
 * @returns undefined when nothing is known of all
 * @example commonGround([leader, next])?.kept.length // => 3
 */
export function commonGround(
  evaluated: readonly EvaluatedRevision[],
  compared: readonly EvaluatedRevision[] = contenders(evaluated),
): CommonGround | undefined {
  const [first] = compared
  if (!first) return undefined
  const known = new Set(
    first.score.lines.flatMap(({ criterion }, at) =>
      compared.every(({ score }) => isKnownAt(score.lines[at])) ? [criterion.key] : [],
    ),
  )
  const isKept = ({ key }: Criterion): boolean => known.has(key)
  const counts = compared.some(({ score }) =>
    score.lines.some(({ criterion, notApplicableReason }) => isKept(criterion) && !notApplicableReason),
  )
  if (!counts) return undefined
  const criteria = first.score.lines.map(({ criterion }) => criterion)
  return {
    evaluated: evaluated.map((one) => {
      const lines = one.score.lines.filter(({ criterion }) => isKept(criterion))
      return { ...one, score: combineScoreLines(lines, one.score.fatalFaults) }
    }),
    kept: criteria.filter(isKept),
    leftOut: criteria.filter((criterion) => !isKept(criterion)),
  }
}

const isKnownAt = (line: EvaluatedRevision['score']['lines'][number] | undefined): boolean =>
  line !== undefined && (line.points !== undefined || line.notApplicableReason !== undefined)
