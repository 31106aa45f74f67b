import type { FilterForm } from '#core/catalogue/index.ts'
import type { Cell } from '#core/compare/cell.ts'
import { formatNumber } from '#core/quantity/format.ts'
import type { Criterion } from './criterion.ts'
import { evaluateAttribute, evaluateCriterion, evidenceOfCell } from './evaluate-criterion.ts'
import { isExternalAttribute, type ExternalAttributes } from './external-attributes.ts'

/**
 * What a school must have and a filter has not: it is unfit then, and not low. What is not known of it, or only by the
 * look of it, is no reason.
 *
 * @param form of the filter
 * @param cells of its column, by the key of their row
 * @param attributes what claims and prices say of it
 * @param criteria in force, some with the least points that they must have
 * @returns reasons in words
 * @example unmetMustHaves('spin-on', new Map(), new Map(), [{ ...shippedCriterion('glue'), mustHave: 5 }]) // => []
 */
export const unmetMustHaves = (
  form: FilterForm,
  cells: ReadonlyMap<string, Cell>,
  attributes: ExternalAttributes,
  criteria: readonly Criterion[],
): string[] =>
  criteria.flatMap((criterion) => {
    const { mustHave, attribute, forms, label } = criterion
    if (mustHave === undefined || !forms.includes(form)) return []
    const points = isExternalAttribute(attribute)
      ? mostOfAttribute(criterion, attributes)
      : mostOfCell(criterion, cells.get(attribute))
    if (points === undefined || points >= mustHave - 1e-9) return []
    const [has, least] = [points, mustHave].map((number) => formatNumber(number, 3))
    return [`this school must have it: ${label} has ${has} points of at least ${least}`]
  })

/** The most points that it may still come to. */
function mostOfCell(criterion: Criterion, cell: Cell | undefined): number | undefined {
  const evidence = cell && evidenceOfCell(cell)
  return evidence && evaluateCriterion(criterion, evidence)?.high
}

function mostOfAttribute(criterion: Criterion, attributes: ExternalAttributes): number | undefined {
  const { attribute } = criterion
  const bounds = isExternalAttribute(attribute) ? attributes.get(attribute) : undefined
  return bounds && evaluateAttribute(criterion, bounds)?.high
}
