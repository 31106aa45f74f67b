import { isInferred } from '#core/compare/cell.ts'
import { faceOff, type RowComparison } from '#core/compare/face-off.ts'
import { formatCell } from '#core/compare/format-cell.ts'
import type { Row } from '#core/compare/lineup.ts'
import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import type { Criterion, CriterionGroup } from '#core/score/criterion.ts'
import { isExternalAttribute, type AttributeBounds } from '#core/score/external-attributes.ts'
import { formatAttributeValue } from '#core/score/format-rule.ts'
import { cellPointsBy } from '#core/score/row-judgement.ts'
import { countedWeight, type ScoreLine } from '#core/score/score.ts'
import type { EvaluatedRevision } from './ranking.ts'

/** Why one stands before another: one criterion, what it rests on, and what it is worth. */
export interface Contribution {
  criterion: Criterion
  group: CriterionGroup
  /** Points of a hundred by which the first gains; below zero where it loses. */
  gain: number
  first: string
  second: string
  /** One of the sides was only inferred: "by the look of it". */
  byLook: boolean
  /** Specimen whose readings it rests on; undefined for claims and prices. */
  specimen: string | undefined
}

/**
 * Real differences between two judged columns, largest gain first. Measured differences within their
 * uncertainty are left out, and so is what is not known of either.
 *
 * @param first who is put first
 * @param second whom it is set against
 * @param rows of the line-up
 * @param system units to say them in
 * @example scoreContributions(leader, next, rows, 'metric')[0]?.first // => '0.50 mm'
 */
export function scoreContributions(
  first: EvaluatedRevision,
  second: EvaluatedRevision,
  rows: readonly Row[],
  system: UnitHabit,
): Contribution[] {
  const pointsOf = cellPointsBy(first.score.lines.map(({ criterion }) => criterion))
  const comparisons = new Map(faceOff(rows, first.at, second.at, pointsOf).map((one) => [one.key, one]))
  const others = new Map(second.score.lines.map((line) => [line.criterion.key, line]))
  const weight = countedWeight(first.score.lines)
  return first.score.lines
    .flatMap((line): Contribution[] => {
      const { criterion } = line
      const lead = pointsAhead(line, others.get(criterion.key))
      const sides = isExternalAttribute(criterion.attribute)
        ? attributeSides(criterion.attribute, first, second, system)
        : comparisonSides(comparisons.get(criterion.attribute), system)
      if (!lead || !sides) return []
      return [{ criterion, group: criterion.part, gain: (10 * criterion.weight * lead) / weight, ...sides }]
    })
    .sort((a, b) => b.gain - a.gain)
}

type Sides = Pick<Contribution, 'first' | 'second' | 'byLook' | 'specimen'>

function attributeSides(
  attribute: string,
  first: EvaluatedRevision,
  second: EvaluatedRevision,
  system: UnitHabit,
): Sides {
  const said = ({ context }: EvaluatedRevision) => formatAttribute(attribute, context.attributes[attribute], system)
  return { first: said(first), second: said(second), byLook: false, specimen: undefined }
}

function formatAttribute(attribute: string, bounds: AttributeBounds | undefined, system: UnitHabit): string {
  if (!bounds) return 'not known'
  const [low, high] = [bounds.low, bounds.high].map((value) => formatAttributeValue(attribute, value, system))
  return bounds.low === bounds.high ? `${low}` : `${low} to ${high}`
}

/** The two sides of a row, when one of them takes it. */
function comparisonSides(comparison: RowComparison | undefined, system: UnitHabit): Sides | undefined {
  if (comparison?.outcome !== 'a' && comparison?.outcome !== 'b') return undefined
  const { key, a, b } = comparison
  return {
    first: formatCell(key, a, system),
    second: formatCell(key, b, system),
    byLook: isInferred(a) || isInferred(b),
    specimen: 'specimen' in a ? a.specimen : undefined,
  }
}

/** Points by which one line leads another, by what is sure of both. */
function pointsAhead(line: ScoreLine, other: ScoreLine | undefined): number | undefined {
  if (line.points === undefined || other?.points === undefined) return undefined
  return line.points - other.points
}
