import type { Characteristic } from '#core/catalogue/index.ts'

/**
 * Chance that a careful reviewer takes one answer for another: what is plain to see, what is told by feel or looks,
 * and whether a fault is one. Common practice, no published source: a stated small chance, so that no word counts as
 * beyond doubt.
 */
export const mistakeChances = { seen: 0.004, felt: 0.03, fault: 0.02 }

/**
 * Chance that an answer is mistaken for another one of its characteristic.
 *
 * @returns 0 for what is measured, counted, graded or worked out
 * @example confusionChance(characteristicOf('adbv.material')) // => 0.03
 */
export function confusionChance(of: Characteristic | { compute: unknown }): number {
  if ('compute' in of) return 0
  if (of.kind === 'fault') return mistakeChances.fault
  return of.kind === 'choice' ? (of.byFeel ? mistakeChances.felt : mistakeChances.seen) : 0
}
