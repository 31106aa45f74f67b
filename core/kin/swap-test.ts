import { byKey } from '#core/by-key.ts'
import type { KinPartKey } from './kin-parts.ts'

/**
 * How a part of one filter went into another, with the chance of that when it is the same part and when it is not:
 * many parts that are not the same fit all the same. Common practice, no published source.
 */
export const swapOutcomes = [
  { key: 'fits', label: 'Fits', same: 0.97, other: 0.3 },
  { key: 'play', label: 'Fits with play', same: 0.03, other: 0.3 },
  { key: 'not', label: 'Does not fit', same: 0, other: 0.4 },
] as const

export type SwapOutcome = (typeof swapOutcomes)[number]['key']

/** A part that was tried in another filter. */
export interface SwapTest {
  part: KinPartKey
  outcome: SwapOutcome
}

/** By part: how many times likelier what was tried is when the two parts are the same. */
export type SwapWeights = ReadonlyMap<KinPartKey, number>

/**
 * What was tried of two filters, as weights by part. Trials of one part go together: the one that speaks most against
 * it counts, so that one that fails rules the part out, however often others fit.
 *
 * @example swapWeights([{ part: 'can', outcome: 'not' }]).get('can') // => 0
 */
export function swapWeights(tests: readonly SwapTest[]): SwapWeights {
  const weights = new Map<KinPartKey, number>()
  for (const { part, outcome } of tests) {
    const { same, other } = byKey(swapOutcomes, outcome)
    weights.set(part, Math.min(weights.get(part) ?? Infinity, same / other))
  }
  return weights
}
