import { formatNumber } from '#core/quantity/format.ts'
import { boundsAt, type EfficiencyBounds, type CaptureEfficiency } from './bounds.ts'

export interface ClaimComparison {
  outcome: 'ahead' | 'behind' | 'same' | 'not-comparable'
  a: EfficiencyBounds
  b: EfficiencyBounds
  /** A test was not named on one side: what follows holds if both used the same. */
  unnamed: boolean
}

/**
 * What two products' claims say of each other at one particle size.
 *
 * One is ahead when its lower bound beats the other's upper bound. They are the same when both are known
 * exactly and equal. Otherwise they cannot be compared. Only claims under the same test, or under none that is
 * named, are put against each other.
 *
 * @param a usable pairs of one product
 * @param b usable pairs of the other
 * @param size m
 * @example compareClaims([point(0.99, 20e-6)], [point(0.98, 30e-6)], 20e-6).outcome // => 'ahead'
 */
export function compareClaims(
  a: readonly CaptureEfficiency[],
  b: readonly CaptureEfficiency[],
  size: number,
): ClaimComparison {
  const named = [...new Set([...a, ...b].flatMap(({ test }) => (test === null ? [] : [test])))]
  const comparisons = (named.length > 0 ? named : [null]).map((test) => compareUnderTest(a, b, size, test))
  const [first] = comparisons
  const settled = comparisons.find(({ outcome }) => outcome !== 'not-comparable')
  return settled ?? first ?? compareUnderTest(a, b, size, null)
}

/** Two products at one size by what was claimed under one test, or under none that is named. */
function compareUnderTest(
  a: readonly CaptureEfficiency[],
  b: readonly CaptureEfficiency[],
  size: number,
  test: string | null,
): ClaimComparison {
  const under = (points: readonly CaptureEfficiency[]) =>
    points.filter((point) => point.test === null || test === null || point.test === test)
  const [own, other] = [under(a), under(b)]
  const [x, y] = [boundsAt(own, size), boundsAt(other, size)]
  const unnamed = [...own, ...other].some((point) => point.test === null)
  return { outcome: compareBounds(x, y), a: x, b: y, unnamed }
}

function compareBounds(x: EfficiencyBounds, y: EfficiencyBounds): ClaimComparison['outcome'] {
  if (x.lower > y.upper) return 'ahead'
  if (y.lower > x.upper) return 'behind'
  return x.lower === x.upper && y.lower === y.upper && x.lower === y.lower ? 'same' : 'not-comparable'
}

/**
 * A share as a percentage with the digits it was given.
 *
 * @example formatShare(0.987) // => '98.7 %'
 */
export const formatShare = (share: number): string => `${formatNumber(share * 100, 6)} %`

/**
 * A particle size.
 *
 * @example formatParticleSize(20e-6) // => '20 µm'
 */
export const formatParticleSize = (size: number): string => `${formatNumber(size * 1e6, 4)} µm`

/**
 * Bounds in a viewer's words.
 *
 * @example formatBounds({ lower: 0, upper: 0.987 }) // => 'at most 98.7 %'
 */
export function formatBounds({ lower, upper }: EfficiencyBounds): string {
  if (lower === upper) return formatShare(lower)
  if (lower > 0 && upper < 1) return `${formatShare(lower)} to ${formatShare(upper)}`
  if (lower > 0) return `at least ${formatShare(lower)}`
  return upper < 1 ? `at most ${formatShare(upper)}` : 'nothing is known'
}

/**
 * A comparison in words that a viewer understands.
 *
 * @example
 * formatComparison('Norrith', 'Quarrow', 20e-6, compareClaims([point(0.9, 20e-6)], [point(0.9, 20e-6)], 20e-6))
 *   .startsWith('At 20 µm') // => true
 */
export function formatComparison(
  nameA: string,
  nameB: string,
  size: number,
  { outcome, a, b, unnamed }: ClaimComparison,
): string {
  const both = `${nameA} ${formatBounds(a)}, ${nameB} ${formatBounds(b)}`
  const caveat =
    unnamed && outcome !== 'not-comparable' ? ' This holds if both were tested alike: not both name their test.' : ''
  switch (outcome) {
    case 'ahead':
      return `At ${formatParticleSize(size)} ${nameA} is ahead: ${both}.${caveat}`
    case 'behind':
      return `At ${formatParticleSize(size)} ${nameB} is ahead: ${both}.${caveat}`
    case 'same':
      return `At ${formatParticleSize(size)} both claim the same: ${formatShare(a.lower)}.${caveat}`
    case 'not-comparable':
      return `At ${formatParticleSize(size)} they cannot be compared: ${both}.`
  }
}
