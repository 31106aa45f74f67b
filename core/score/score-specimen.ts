import { findCharacteristic, type FilterForm } from '#core/catalogue/index.ts'
import type { Assessment } from '#core/figures/assess.ts'
import { notApplicableReason } from '#core/teardown/recording-plan.ts'
import type { ResolvedValues } from '#core/teardown/resolve.ts'
import { isBelow, type Criterion } from './criterion.ts'
import { evaluateCriterion, evidenceOfSpecimen } from './evaluate-criterion.ts'
import { findFatalFaults } from './fatal-faults.ts'
import { combineScoreLines, countedCriteria, notApplicableLine, scoreLine, type Score } from './score.ts'

function reasonOf(
  { notApplicableWhen: when, notApplicableBelow: below }: Criterion,
  values: ResolvedValues,
): string | undefined {
  if (when?.values.includes(values.get(when.key)?.text ?? '')) return when.reason
  return isBelow(below, values.get(below?.key ?? '')?.number?.value) ? below?.reason : undefined
}

/**
 * The score of one specimen by its readings alone.
 *
 * What does not apply to the filter is left out with its reason. A fatal fault caps the score at 20.
 *
 * @param form of the filter
 * @param assessment of its readings
 * @param criteria with the weights and value functions in force
 * @example scoreSpecimen('spin-on', assess('spin-on', []), criteria).coverage // => 0
 */
export function scoreSpecimen(
  form: FilterForm,
  { values, figures }: Pick<Assessment, 'values' | 'figures'>,
  criteria: readonly Criterion[],
): Score {
  const lines = countedCriteria(form, criteria).map((criterion) => {
    const characteristic = findCharacteristic(criterion.attribute)
    const reason = (characteristic && notApplicableReason(characteristic, values)) ?? reasonOf(criterion, values)
    if (reason) return notApplicableLine(criterion, reason)
    const evidence = evidenceOfSpecimen(criterion, values, figures)
    return scoreLine(criterion, evidence && evaluateCriterion(criterion, evidence))
  })
  return combineScoreLines(lines, findFatalFaults(form, values))
}
