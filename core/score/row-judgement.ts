import type { Cell } from '#core/compare/cell.ts'
import type { CellPoints } from '#core/compare/face-off.ts'
import type { PreferenceOf } from '#core/compare/lineup.ts'
import type { RowPreference } from '#core/compare/marks.ts'
import type { Criterion } from './criterion.ts'
import { answerPoints, numberPoints } from './value-function.ts'

/**
 * Criteria that count, by the attribute that they judge.
 *
 * @param criteria with the weights in force
 * @example criteriaByAttribute([shippedCriterion('can-wall')]).get('can.wall')?.weight // => 6
 */
export const criteriaByAttribute = (criteria: readonly Criterion[]): ReadonlyMap<string, Criterion> =>
  new Map(criteria.filter(({ weight }) => weight > 0).map((criterion) => [criterion.attribute, criterion]))

/**
 * What the criteria in force like better in each row of a line-up.
 *
 * @param criteria with the weights and value functions in force
 * @example rowPreferences([shippedCriterion('can-wall')])('can.wall')?.direction // => 1
 */
export function rowPreferences(criteria: readonly Criterion[]): PreferenceOf {
  const byAttribute = criteriaByAttribute(criteria)
  return (key) => {
    const criterion = byAttribute.get(key)
    if (!criterion) return undefined
    return {
      direction: directionOf(criterion),
      pointsOf: (answers) => answerPoints(criterion.valueFunction, answers),
    }
  }
}

/** Whether more is better, less, or neither: by the ends of a scale. */
function directionOf({ valueFunction }: Criterion): RowPreference['direction'] {
  if (valueFunction.kind === 'steps') return 1
  if (valueFunction.kind !== 'scale') return 0
  const { points } = valueFunction
  const [first, last] = [points[0], points.at(-1) ?? points[0]]
  return last[1] > first[1] ? 1 : -1
}

/**
 * Points of cells by the criteria in force.
 *
 * @param criteria with the weights and value functions in force
 * @example
 * cellPointsBy([shippedCriterion('glue')])('glue.grade', { state: 'missing' }) // => undefined
 */
export function cellPointsBy(criteria: readonly Criterion[]): CellPoints {
  const byAttribute = criteriaByAttribute(criteria)
  return (key, cell) => {
    const criterion = byAttribute.get(key)
    return criterion && pointsOfCell(criterion, cell)
  }
}

function pointsOfCell(criterion: Criterion, cell: Cell): number | undefined {
  if (cell.state === 'words') return answerPoints(criterion.valueFunction, cell.answers)
  return cell.state === 'number' ? numberPoints(criterion, cell.value) : undefined
}
