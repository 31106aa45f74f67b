import type { Duel } from '#core/compare/face-off.ts'
import { driverFactor, type DriverRule } from '#core/score/driver-rules.ts'

/** What one real difference is worth to a driver. */
export interface Bought {
  duel: Duel
  better: boolean
  /** Factor of the driver's rules on it. */
  factor: number
  /** Hundred-point share of the score, signed. */
  worth: number
  because: string | undefined
}

export interface Step {
  /** Differences that are real, most worth first. */
  bought: Bought[]
  /** Sum of worths: points of a hundred. */
  worth: number
  verdict: 'better' | 'worse' | 'nothing'
}

/** A change of the score below this, points of a hundred, is worth nothing. Common practice, no published source. */
const worthless = 1

/**
 * What the step from one product to a dearer one buys a driver, part by part: real differences alone, each
 * with its weight as the driver's rules shift it.
 *
 * @param duels of the dearer (a) against the cheaper (b)
 * @param rules in force for the driver
 * @param total weight of all criteria that count
 * @example stepBetween(duels, [], 100).verdict // => 'better'
 */
export function stepBetween(duels: readonly Duel[], rules: readonly DriverRule[], total: number): Step {
  const bought = duels.flatMap((duel): Bought[] => {
    if ((duel.verdict !== 'a' && duel.verdict !== 'b') || !duel.criterion) return []
    const factor = driverFactor(rules, duel.criterion.key)
    const better = duel.verdict === 'a'
    const worth = ((better ? 10 : -10) * duel.gain * duel.criterion.weight * factor) / total
    return [{ duel, better, factor, worth, because: rules.find(({ factors }) => duel.criterion!.key in factors)?.says }]
  })
  bought.sort((a, b) => b.worth - a.worth)
  const worth = bought.reduce((sum, one) => sum + one.worth, 0)
  return { bought, worth, verdict: worth >= worthless ? 'better' : worth <= -worthless ? 'worse' : 'nothing' }
}
