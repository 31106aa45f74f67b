import { criteria } from './criteria.ts'
import type { Criterion, ValueFunction } from './criterion.ts'
import type { SizeClass } from '#core/catalogue/index.ts'
import { driverWeightFactor, type DriverRule } from './driver-rules.ts'
import { sizedCriterion } from './sized-criterion.ts'
import type { School } from './schools.ts'

/** A version of the method: what the user changed of the breakpoints and weights that ship with the app. */
export interface Method {
  version: number
  note: string
  valueFunctions: Readonly<Record<string, ValueFunction>>
  weights: Readonly<Record<string, number>>
  /** UTC, ISO 8601. */
  createdAt: string
  /** Of the filters that it judges; absent for the usual one, for which its breakpoints are written. */
  sizeClass?: SizeClass | undefined
  /** Share of the weight that inferred evidence bears, by the reviewer's own predictions; absent for one half. */
  inferredShare?: number
}

/** The method that ships with the app: its fifth edition. Verdicts that a former one gave keep what they said. */
export const shippedMethod: Method = {
  version: 5,
  note: 'as it ships, fifth edition',
  valueFunctions: {},
  weights: {},
  createdAt: '',
}

/**
 * Criteria with the weights and rules in force: the school's before the method's before those that ship with the
 * app, then shifted by the driver's rules, and with breakpoints for the size class of the filters.
 *
 * @example effectiveCriteria(shippedMethod, findSchool('thrift')).find(({ key }) => key === 'price')?.weight // => 34
 */
export const effectiveCriteria = (method: Method, school?: School, rules: readonly DriverRule[] = []): Criterion[] =>
  criteria.map((criterion) => sizedCriterion(inForce(criterion, method, school, rules), method.sizeClass))

/** A criterion as it is in force for filters of the usual size. */
function inForce(
  criterion: Criterion,
  method: Method,
  school: School | undefined,
  rules: readonly DriverRule[],
): Criterion {
  return {
    ...criterion,
    ...(method.inferredShare !== undefined && { inferredShare: method.inferredShare }),
    ...(school?.mustHaves?.[criterion.key] !== undefined && { mustHave: school.mustHaves[criterion.key] }),
    valueFunction:
      school?.valueFunctions[criterion.key] ?? method.valueFunctions[criterion.key] ?? criterion.valueFunction,
    weight:
      (school?.weights[criterion.key] ?? method.weights[criterion.key] ?? criterion.weight) *
      driverWeightFactor(rules, criterion.key),
  }
}
