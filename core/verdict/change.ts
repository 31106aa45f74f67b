import { evaluateCriterion } from '#core/score/evaluate-criterion.ts'
import { combineScoreLines, scoreLine, type ScoreLine } from '#core/score/score.ts'
import type { EvaluatedRevision } from './ranking.ts'

/** One thing that might be otherwise: a weight of the school, or a number that one product was judged on. */
export type Change =
  | { kind: 'weight'; criterion: string; from: number; to: number }
  | { kind: 'value'; criterion: string; column: string; from: number; to: number }

/**
 * A line-up as it would be with one thing changed.
 *
 * @param evaluated all columns
 * @param change a weight of all columns, or a number of one
 * @example
 * applyChange([leader], { kind: 'weight', criterion: 'can-wall', from: 6, to: 0 })[0]?.score.lines[0]?.criterion.weight
 * // => 0
 */
export const applyChange = (evaluated: readonly EvaluatedRevision[], change: Change): EvaluatedRevision[] =>
  evaluated.map((revision) =>
    change.kind === 'value' && change.column !== revision.id ? revision : changedRevision(revision, change),
  )

function changedRevision(revision: EvaluatedRevision, change: Change): EvaluatedRevision {
  const { score } = revision
  const evidence = new Map(revision.evidence)
  const lines = score.lines.map((line): ScoreLine => {
    const { criterion } = line
    if (criterion.key !== change.criterion) return line
    if (change.kind === 'weight') return { ...line, criterion: { ...criterion, weight: change.to } }
    const known = evidence.get(criterion.key)
    if (!known || line.notApplicableReason) return line
    const changed = { ...known, number: change.to }
    evidence.set(criterion.key, changed)
    return scoreLine(criterion, evaluateCriterion(criterion, changed))
  })
  return { ...revision, evidence, score: combineScoreLines(lines, score.fatalFaults) }
}
