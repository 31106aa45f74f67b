import type { RowComparison } from '#core/compare/face-off.ts'
import type { Criterion } from '#core/score/criterion.ts'
import { driverWeightFactor, type DriverRule } from '#core/score/driver-rules.ts'
import { isPenalty } from '#core/score/score.ts'
import { criteriaByAttribute } from '#core/score/row-judgement.ts'

/** Points of a hundred below which a step buys nothing. Common practice, no published source. */
const negligiblePoints = 1

/** What one real difference is worth to a driver. */
interface UpgradeDifference {
  comparison: RowComparison
  better: boolean
  /** Factor of the driver's rules on it. */
  factor: number
  /** Hundred-point share of the score, signed. */
  worth: number
  reason: string | undefined
}

/** What the step from one product to a dearer one buys. */
export interface Upgrade {
  /** Differences that are real, most worth first. */
  differences: UpgradeDifference[]
  /** Sum of worths: points of a hundred. */
  worth: number
  outcome: 'better' | 'worse' | 'nothing'
}

/**
 * What the step from one product to a dearer one buys a driver, part by part: real differences alone, each
 * with its weight as the driver's rules shift it.
 *
 * @param comparisons of the dearer (a) against the cheaper (b)
 * @param criteria that count for the filters, with the weights in force
 * @param rules in force for the driver
 * @example upgradeBetween([], criteria, []).outcome // => 'nothing'
 */
export function upgradeBetween(
  comparisons: readonly RowComparison[],
  criteria: readonly Criterion[],
  rules: readonly DriverRule[],
): Upgrade {
  const byAttribute = criteriaByAttribute(criteria)
  const total = criteria.reduce((sum, criterion) => sum + (isPenalty(criterion) ? 0 : criterion.weight), 0)
  const differences = comparisons
    .flatMap((comparison): UpgradeDifference[] => {
      const criterion = byAttribute.get(comparison.key)
      if ((comparison.outcome !== 'a' && comparison.outcome !== 'b') || !criterion) return []
      const factor = driverWeightFactor(rules, criterion.key)
      const better = comparison.outcome === 'a'
      const worth = ((better ? 10 : -10) * comparison.gain * criterion.weight * factor) / total
      const reason = rules.find(({ factors }) => criterion.key in factors)?.statement
      return [{ comparison, better, factor, worth, reason }]
    })
    .sort((a, b) => b.worth - a.worth)
  const worth = differences.reduce((sum, one) => sum + one.worth, 0)
  return { differences, worth, outcome: outcomeOf(worth) }
}

function outcomeOf(worth: number): Upgrade['outcome'] {
  if (worth >= negligiblePoints) return 'better'
  return worth <= -negligiblePoints ? 'worse' : 'nothing'
}
