import { criteria } from './criteria.ts'
import type { Criterion, Rule } from './criterion.ts'
import { driverFactor, type DriverRule } from './driver-rules.ts'
import type { School } from './schools.ts'

/** A version of the method: what the user changed of the breakpoints and weights that ship with the app. */
export interface Method {
  version: number
  note: string
  rules: Readonly<Record<string, Rule>>
  weights: Readonly<Record<string, number>>
  /** UTC, ISO 8601. */
  at: string
}

/** The method that ships with the app. */
export const firstMethod: Method = { version: 1, note: 'as it ships', rules: {}, weights: {}, at: '' }

/**
 * Criteria with the weights and rules in force: the school's before the method's before those that ship with the
 * app, then shifted by the driver's rules.
 *
 * @example schemeOf(firstMethod, findSchool('thrift')).find(({ key }) => key === 'price')?.weight // => 34
 */
export const schemeOf = (method: Method, school?: School, rules: readonly DriverRule[] = []): Criterion[] =>
  criteria.map((criterion) => ({
    ...criterion,
    rule: school?.rules[criterion.key] ?? method.rules[criterion.key] ?? criterion.rule,
    weight:
      (school?.weights[criterion.key] ?? method.weights[criterion.key] ?? criterion.weight) *
      driverFactor(rules, criterion.key),
  }))
