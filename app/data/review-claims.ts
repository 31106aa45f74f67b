import { claimLabel, gradeClaim, placeLabel } from '#core/claims/claim.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import type { MaterialClaim, ReviewedProduct } from '#core/review/review-material.ts'
import { formatAttributeValue } from '#core/score/format-rule.ts'
import * as texts from '#app/texts/review.ts'
import type { ProductClaims } from './claim-overview.server.ts'
import { columnName } from './column-name.ts'
import { openContradictions } from './open-contradictions.ts'
import type { EvaluatedColumn } from './lineup-evaluation.server.ts'

type Contradiction = ReviewedProduct['contradictions'][number]

/** What contradicts itself in a column, among its readings or what its box says. */
export const contradictionsOf = (column: EvaluatedColumn, boxes: ProductClaims | undefined): Contradiction[] => [
  ...openContradictions([{ ...column, disputes: [] }]).map((text) => ({ text, of: 'readings' as const })),
  ...openContradictions([{ ...column, findings: 0 }]).map((text) => ({ text, of: 'claims' as const })),
  ...brokenPromises(boxes, columnName(column)),
]

/** What a verdict says, and under what it holds. */
export const verdictText = (verdict: { words: string; conditions: string } | undefined): string =>
  [verdict?.words, verdict?.conditions && texts.itHoldsUnderThis(verdict.conditions)].filter(Boolean).join(' ')

/** What a box promises about a part, and was not found in it. */
const brokenPromises = (boxes: ProductClaims | undefined, name: string): Contradiction[] =>
  (boxes?.all ?? []).flatMap(({ id, words }) => {
    const outcome = boxes?.outcomes[id]
    if (outcome?.state !== 'broken') return []
    const text = texts.theBoxSaysOfOpenedKept(name, words, outcome.lookedAt, outcome.kept)
    return [{ text, of: 'claims' }]
  })

/** The claims of a revision that count, each with what it lacks. */
export const materialClaims = (boxes: ProductClaims | undefined, revisionId: string): MaterialClaim[] =>
  (boxes?.standing[revisionId] ?? boxes?.claims ?? []).map((claim) => ({
    kind: claimLabel(claim.kind),
    words: claim.words,
    ...gradeClaim(claim),
    standard: claim.parts.standard ?? '',
    hasShare: (claim.parts.points ?? []).some(({ share }) => share !== null),
    place: placeLabel(claim.place),
    readOn: claim.readOn,
  }))

/** What the claims allow to say of what is stopped at 20 µm; empty for nothing. */
export function efficiencyOf({ attributes }: EvaluatedColumn, units: UnitHabit): string {
  const bounds = attributes['claim.efficiency']
  if (!bounds) return ''
  const [low, high] = [bounds.low, bounds.high].map((one) => formatAttributeValue('claim.efficiency', one, units))
  return low === high ? `${low}` : `${low} to ${high}`
}
