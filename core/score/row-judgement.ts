import type { Cell } from '#core/compare/cell.ts'
import type { CellPoints, CellsOfColumn, ReasonUnjudged } from '#core/compare/marks.ts'
import { isBelow, type Criterion } from './criterion.ts'
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

/**
 * Why a criterion says nothing of a column: all its specimens are built so, or too small for it to matter.
 *
 * @param criterion with what it does not apply to
 * @param cells of the column, by the key of their row
 * @example reasonAmongCells(shippedCriterion('glue'), new Map()) // => undefined
 */
export function reasonAmongCells(
  { notApplicableWhen, notApplicableBelow }: Criterion,
  cells: CellsOfColumn,
): string | undefined {
  const size = cells.get(notApplicableBelow?.key ?? '')
  if (size?.state === 'number' && isBelow(notApplicableBelow, size.value)) return notApplicableBelow?.reason
  const build = cells.get(notApplicableWhen?.key ?? '')
  return build?.state === 'words' && build.answers.every((answer) => notApplicableWhen?.values.includes(answer))
    ? notApplicableWhen?.reason
    : undefined
}

/**
 * Why the criterion of a row says nothing of a column.
 *
 * @param criteria with the weights in force
 * @example reasonUnjudgedBy([shippedCriterion('can-wall')])('can.wall', new Map()) // => undefined
 */
export function reasonUnjudgedBy(criteria: readonly Criterion[]): ReasonUnjudged {
  const byAttribute = criteriaByAttribute(criteria)
  return (key, column) => {
    const criterion = byAttribute.get(key)
    return criterion && reasonAmongCells(criterion, column)
  }
}

function pointsOfCell(criterion: Criterion, cell: Cell): number | undefined {
  if (cell.state === 'words') return answerPoints(criterion.valueFunction, cell.answers)
  return cell.state === 'number' && !cell.unjudged ? numberPoints(criterion, cell.value) : undefined
}
