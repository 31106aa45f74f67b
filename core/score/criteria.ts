import { claimsAndValueCriteria } from './criteria/claims-and-value.ts'
import { elementCriteria } from './criteria/element.ts'
import { mediaCriteria } from './criteria/media.ts'
import { packagingCriteria } from './criteria/packaging.ts'
import { shellCriteria } from './criteria/shell.ts'
import { valvesCriteria } from './criteria/valves.ts'
import type { Criterion } from './criterion.ts'

/**
 * The construction score as it ships: what is judged, how heavily, and by which breakpoints. Breakpoints are
 * absolute, so a new rival never moves the others: nought is the worst that is sold, ten the best. Faults take away and
 * give nothing. All are common practice, no published source, but
 * where `rationale` names one.
 */
export const criteria: readonly Criterion[] = [
  ...shellCriteria,
  ...valvesCriteria,
  ...elementCriteria,
  ...mediaCriteria,
  ...packagingCriteria,
  ...claimsAndValueCriteria,
]

const byKey = new Map(criteria.map((criterion) => [criterion.key, criterion]))

/**
 * A criterion as it ships.
 *
 * @param key of the criterion
 * @throws Error when there is none: a fault of the program
 * @example shippedCriterion('can-wall').weight // => 6
 */
export function shippedCriterion(key: string): Criterion {
  const criterion = byKey.get(key)
  if (!criterion) throw new Error(`There is no criterion "${key}"`)
  return criterion
}
