import { formatNumber } from '#core/quantity/format.ts'
import { boundsAt, type EfficiencyBounds, type CaptureEfficiency } from './bounds.ts'

/** What one says of the other, by what was claimed under one test. */
export interface ClaimComparison {
  outcome: 'ahead' | 'at-least' | 'same' | 'at-most' | 'behind' | 'not-comparable'
  /** Test under which both claim; undefined when they name none in common. */
  test: string | undefined
  a: EfficiencyBounds
  b: EfficiencyBounds
}

/**
 * What two products' claims say of each other at one particle size, test by test: only claims under a test that both
 * name are put against each other.
 *
 * One is ahead when its lower bound beats the other's upper bound, at least as good when it reaches it, the same when
 * both are known exactly and equal. Otherwise they cannot be compared.
 *
 * Source: common practice, no published source; monotony of filtration over size.
 *
 * @param a usable pairs of one product
 * @param b usable pairs of the other
 * @param size m
 * @returns one a common test; one without a test when there is none
 * @example compareClaims([point(0.99, 20e-6)], [point(0.98, 30e-6)], 20e-6)[0]?.outcome // => 'not-comparable'
 */
export function compareClaims(
  a: readonly CaptureEfficiency[],
  b: readonly CaptureEfficiency[],
  size: number,
): ClaimComparison[] {
  const common = commonTests(a, b)
  if (common.length === 0)
    return [{ outcome: 'not-comparable', test: undefined, a: boundsAt(a, size), b: boundsAt(b, size) }]
  return common.map((test) => {
    const [x, y] = [a, b].map((points) => boundsAt(underTest(points, test), size)) as [
      EfficiencyBounds,
      EfficiencyBounds,
    ]
    return { outcome: compareBounds(x, y), test, a: x, b: y }
  })
}

const underTest = (points: readonly CaptureEfficiency[], test: string) => points.filter((point) => point.test === test)

const commonTests = (a: readonly CaptureEfficiency[], b: readonly CaptureEfficiency[]): string[] => [
  ...new Set(a.flatMap(({ test }) => (test !== null && b.some((other) => other.test === test) ? [test] : []))),
]

function compareBounds(x: EfficiencyBounds, y: EfficiencyBounds): ClaimComparison['outcome'] {
  if (x.lower > y.upper) return 'ahead'
  if (y.lower > x.upper) return 'behind'
  if (x.lower === x.upper && y.lower === y.upper && x.lower === y.lower) return 'same'
  if (x.lower === y.upper && x.lower > 0) return 'at-least'
  return y.lower === x.upper && y.lower > 0 ? 'at-most' : 'not-comparable'
}

/**
 * Which of two is at least as good at every size that the other claims, under a test that both name: its lower bound
 * reaches each share of the other. So a claim of several sizes can be put against one of a single size.
 *
 * @param a usable pairs of one product
 * @param b usable pairs of the other
 * @returns the side and the test; undefined when neither is, or both are
 * @example atLeastAsGood([point(0.99, 20e-6)], [point(0.98, 30e-6)]) // => undefined
 */
export function atLeastAsGood(
  a: readonly CaptureEfficiency[],
  b: readonly CaptureEfficiency[],
): { side: 'a' | 'b'; test: string } | undefined {
  for (const test of commonTests(a, b)) {
    const [own, other] = [underTest(a, test), underTest(b, test)]
    const [first, second] = [reachesAll(own, other), reachesAll(other, own)]
    if (first !== second) return { side: first ? 'a' : 'b', test }
  }
  return undefined
}

const reachesAll = (own: readonly CaptureEfficiency[], other: readonly CaptureEfficiency[]): boolean =>
  other.every(({ share, size }) => boundsAt(own, size).lower >= share)

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
 * formatComparison('Norrith', 'Quarrow', 20e-6, compareClaims([point(0.9, 20e-6)], [point(0.9, 20e-6)], 20e-6)[0])
 *   .startsWith('At 20 µm they cannot be compared') // => true
 */
export function formatComparison(
  nameA: string,
  nameB: string,
  size: number,
  { outcome, test, a, b }: ClaimComparison,
): string {
  const both = `${nameA} ${formatBounds(a)}, ${nameB} ${formatBounds(b)}`
  const at = `At ${formatParticleSize(size)}`
  switch (outcome) {
    case 'ahead':
    case 'behind':
      return `${at}, by ${test}, ${outcome === 'ahead' ? nameA : nameB} is ahead: ${both}.`
    case 'at-least':
    case 'at-most':
      return `${at}, by ${test}, ${outcome === 'at-least' ? nameA : nameB} is at least as good: ${both}.`
    case 'same':
      return `${at}, by ${test}, both claim the same: ${formatShare(a.lower)}.`
    case 'not-comparable':
      return `${at} they cannot be compared${test === undefined ? ', for they name no test in common' : ''}: ${both}.`
  }
}
