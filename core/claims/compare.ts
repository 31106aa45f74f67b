import { formatNumber } from '#core/quantity/format.ts'
import { boundsAt, type Bounds, type Point } from './bounds.ts'

export interface Comparison {
  verdict: 'ahead' | 'behind' | 'same' | 'not-comparable'
  a: Bounds
  b: Bounds
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
 * @example compareClaims(at99for20, at98for30, 30e-6).verdict // => 'ahead'
 */
export function compareClaims(a: readonly Point[], b: readonly Point[], size: number): Comparison {
  const named = [...new Set([...a, ...b].flatMap(({ test }) => (test === null ? [] : [test])))]
  let open: Comparison | undefined
  for (const test of named.length > 0 ? named : [null]) {
    const under = (points: readonly Point[]) =>
      points.filter((point) => point.test === null || test === null || point.test === test)
    const [own, other] = [under(a), under(b)]
    const [x, y] = [boundsAt(own, size), boundsAt(other, size)]
    const unnamed = [...own, ...other].some((point) => point.test === null)
    const said = (verdict: Comparison['verdict']): Comparison => ({ verdict, a: x, b: y, unnamed })
    if (x.lower > y.upper) return said('ahead')
    if (y.lower > x.upper) return said('behind')
    if (x.lower === x.upper && y.lower === y.upper && x.lower === y.lower) return said('same')
    open ??= said('not-comparable')
  }
  return open!
}

/**
 * A share as a percentage with the digits it was given.
 *
 * @example sayShare(0.987) // => '98.7 %'
 */
export const sayShare = (share: number): string => `${formatNumber(share * 100, 6)} %`

/**
 * A particle size.
 *
 * @example saySize(20e-6) // => '20 µm'
 */
export const saySize = (size: number): string => `${formatNumber(size * 1e6, 4)} µm`

/**
 * Bounds in a viewer's words.
 *
 * @example sayBounds({ lower: 0, upper: 0.987 }) // => 'at most 98.7 %'
 */
export function sayBounds({ lower, upper }: Bounds): string {
  if (lower === upper) return sayShare(lower)
  if (lower > 0 && upper < 1) return `${sayShare(lower)} to ${sayShare(upper)}`
  if (lower > 0) return `at least ${sayShare(lower)}`
  return upper < 1 ? `at most ${sayShare(upper)}` : 'nothing is known'
}

/**
 * A comparison in words that a viewer understands.
 *
 * @example sayComparison('Norrith', 'Quarrow', 30e-6, comparison) // => 'At 30 µm Norrith is ahead: at least 99 % against at most 98 %.'
 */
export function sayComparison(
  nameA: string,
  nameB: string,
  size: number,
  { verdict, a, b, unnamed }: Comparison,
): string {
  const both = `${nameA} ${sayBounds(a)}, ${nameB} ${sayBounds(b)}`
  const doubt =
    unnamed && verdict !== 'not-comparable' ? ' This holds if both were tested alike: not both name their test.' : ''
  switch (verdict) {
    case 'ahead':
      return `At ${saySize(size)} ${nameA} is ahead: ${both}.${doubt}`
    case 'behind':
      return `At ${saySize(size)} ${nameB} is ahead: ${both}.${doubt}`
    case 'same':
      return `At ${saySize(size)} both claim the same: ${sayShare(a.lower)}.${doubt}`
    case 'not-comparable':
      return `At ${saySize(size)} they cannot be compared: ${both}.`
  }
}
