import { criteria } from './criteria.ts'
import type { Criterion, ValueFunction } from './criterion.ts'
import { driverWeightFactor, type DriverRule } from './driver-rules.ts'
import type { School } from './schools.ts'

/** A version of the method: what the user changed of the breakpoints and weights that ship with the app. */
export interface Method {
  version: number
  note: string
  valueFunctions: Readonly<Record<string, ValueFunction>>
  weights: Readonly<Record<string, number>>
  /** UTC, ISO 8601. */
  createdAt: string
}

/** The method that ships with the app: its fourth edition. Verdicts that a former one gave keep what they said. */
export const shippedMethod: Method = {
  version: 4,
  note: 'as it ships, fourth edition',
  valueFunctions: {},
  weights: {},
  createdAt: '',
}

/**
 * Criteria with the weights and rules in force: the school's before the method's before those that ship with the
 * app, then shifted by the driver's rules.
 *
 * @example effectiveCriteria(shippedMethod, findSchool('thrift')).find(({ key }) => key === 'price')?.weight // => 34
 */
export const effectiveCriteria = (method: Method, school?: School, rules: readonly DriverRule[] = []): Criterion[] =>
  criteria.map((criterion): Criterion => ({
    ...criterion,
    ...(school?.mustHaves?.[criterion.key] !== undefined && { mustHave: school.mustHaves[criterion.key] }),
    valueFunction:
      school?.valueFunctions[criterion.key] ?? method.valueFunctions[criterion.key] ?? criterion.valueFunction,
    weight:
      (school?.weights[criterion.key] ?? method.weights[criterion.key] ?? criterion.weight) *
      driverWeightFactor(rules, criterion.key),
  }))
