import { costAgainstBest } from '#core/score/cost-against-best.ts'
import type { ScoreLine } from '#core/score/score.ts'
import type { EvaluatedRevision } from '#core/verdict/ranking.ts'
import * as texts from '#app/texts/score.ts'
import type { Rivals } from './ScoreBreakdown.tsx'

/** In which order the criteria of a score are listed. */
export const sorts = [
  { value: 'part', label: 'part' },
  { value: 'cost', label: texts.whatItCosts },
  { value: 'weight', label: 'weight' },
] as const
type Sort = (typeof sorts)[number]['value']

/** Where all others stand, criterion by criterion, and what that costs one of them. */
export function rivalsOf(
  own: EvaluatedRevision,
  all: readonly EvaluatedRevision[],
  nameOf: (one: EvaluatedRevision) => string,
): Rivals {
  const others = all.filter((one) => one.id !== own.id)
  const costs = costAgainstBest(
    own.score.lines,
    others.map(({ score }) => score.lines),
  )
  return {
    costOf: (criterion) => costs.get(criterion),
    standings: (criterion) =>
      others.flatMap((one) => {
        const points = one.score.lines.find((line) => line.criterion.key === criterion)?.points
        return points === undefined ? [] : { name: nameOf(one), value: one.evidence.get(criterion)?.number, points }
      }),
  }
}

/** Lines with what costs or counts most first; what is not known of them last. */
export function sortBy(lines: readonly ScoreLine[], sort: Exclude<Sort, 'part'>, { costOf }: Rivals): ScoreLine[] {
  const keyOf = ({ criterion, notApplicableReason }: ScoreLine): number =>
    (notApplicableReason ? undefined : sort === 'cost' ? costOf(criterion.key) : criterion.weight) ?? -1
  return [...lines].sort((a, b) => keyOf(b) - keyOf(a))
}
