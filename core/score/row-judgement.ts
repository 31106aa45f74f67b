import type { Cell } from '#core/compare/cell.ts'
import type { CellPoints } from '#core/compare/marks.ts'
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
