import { claimLabel, gradeClaim, placeLabel } from '#core/claims/claim.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import type { MaterialClaim } from '#core/review/review-material.ts'
import { formatAttributeValue } from '#core/score/format-rule.ts'
import type { ProductClaims } from './claim-overview.server.ts'
import type { EvaluatedColumn } from './lineup-evaluation.server.ts'

/** What a box promises about a part, and was not found in it. */
export const brokenPromises = (boxes: ProductClaims | undefined, name: string): string[] =>
  (boxes?.all ?? []).flatMap(({ id, words }) => {
    const outcome = boxes?.outcomes[id]
    if (outcome?.state !== 'broken') return []
    return [`${name}: the box says “${words}”; of ${outcome.lookedAt} opened, ${outcome.kept} kept it.`]
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
