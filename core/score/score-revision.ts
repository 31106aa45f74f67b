import type { FilterForm } from '#core/catalogue/index.ts'
import type { Cell } from '#core/compare/cell.ts'
import type { Criterion } from './criterion.ts'
import { evaluateAttribute, evaluateCriterion, evidenceOfCell } from './evaluate-criterion.ts'
import { isExternalAttribute, type ExternalAttributes } from './external-attributes.ts'
import type { FatalFault } from './fatal-faults.ts'
import {
  combineScoreLines,
  countedCriteria,
  notApplicableLine,
  scoreLine,
  type Score,
  type ScoreLine,
} from './score.ts'
import { reasonAmongCells } from './row-judgement.ts'

/**
 * The score of one column of a line-up: its specimens together, with what claims and prices say.
 *
 * @param form of the filter
 * @param cells of the column, by the key of their row
 * @param attributes of its product
 * @param criteria with the weights and value functions in force
 * @param fatalFaults of any of its specimens
 * @example scoreRevision('spin-on', new Map(), new Map(), criteria, []).coverage // => 0
 */
export function scoreRevision(
  form: FilterForm,
  cells: ReadonlyMap<string, Cell>,
  attributes: ExternalAttributes,
  criteria: readonly Criterion[],
  fatalFaults: FatalFault[],
): Score {
  const lines = countedCriteria(form, criteria).map((criterion): ScoreLine => {
    const { attribute } = criterion
    if (isExternalAttribute(attribute)) {
      const bounds = attributes.get(attribute)
      return scoreLine(criterion, bounds && evaluateAttribute(criterion, bounds))
    }
    const cell = cells.get(attribute)
    if (cell?.state === 'not-applicable') return notApplicableLine(criterion, cell.reason)
    const apart = reasonAmongCells(criterion, cells)
    if (apart) return notApplicableLine(criterion, apart)
    const evidence = cell && evidenceOfCell(cell)
    return scoreLine(criterion, evidence && evaluateCriterion(criterion, evidence))
  })
  return combineScoreLines(lines, fatalFaults)
}
