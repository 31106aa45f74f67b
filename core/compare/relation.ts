import { normalShare } from '#core/quantity/normal.ts'

/** What was said of two specimens side by side: by how much the one differs from the other, or how many times it is. */
export interface Relation {
  scale: 'difference' | 'ratio'
  /** The one less the other in SI, or divided by it; null on a side of which nothing was said. */
  low: number | null
  high: number | null
}

/** A number with its standard uncertainty. */
interface Known {
  value: number
  u: number
}

/** Two that are said to be the same lie within this share of each other. Common practice, no published source. */
export const alikeWithin = 0.03

/**
 * The same relation, seen from the other side.
 *
 * @example inverted({ scale: 'difference', low: 0, high: null }) // => { scale: 'difference', low: null, high: 0 }
 */
export function inverted({ scale, low, high }: Relation): Relation {
  const turn = (bound: number | null, none: number | null): number | null => {
    if (scale === 'difference') return bound === null ? null : 0 - bound
    return bound === null ? none : bound === 0 ? null : 1 / bound
  }
  return { scale, low: turn(high, scale === 'ratio' ? 0 : null), high: turn(low, null) }
}

/**
 * Whether the two are said to be alike: an answer of the one is then one of the other.
 *
 * @example isAlike({ scale: 'ratio', low: 0.97, high: 1.03 }) // => true
 */
export function isAlike({ scale, low, high }: Relation): boolean {
  const none = scale === 'ratio' ? 1 : 0
  return low !== null && high !== null && low < none && high > none
}

/**
 * What a relation makes of a number that is known of the other one: even over the width that was said, with the doubt
 * of the other.
 *
 * Source: JCGM 100:2008 (GUM), 4.3.7 and 5.1.2.
 *
 * @param relation of the one that is sought to the other
 * @param other number that is known
 * @returns undefined when the relation is open on a side
 * @example numberByRelation({ scale: 'difference', low: 1, high: 1 }, { value: 4, u: 0.5 }) // => { value: 5, u: 0.5 }
 */
export function numberByRelation({ scale, low, high }: Relation, other: Known): Known | undefined {
  if (low === null || high === null) return undefined
  const [middle, half] = [(low + high) / 2, (high - low) / 2 / Math.sqrt(3)]
  return scale === 'difference'
    ? { value: other.value + middle, u: Math.hypot(other.u, half) }
    : { value: other.value * middle, u: Math.hypot(other.u * middle, other.value * half) }
}

/**
 * Chance that two units are as was said, where what is known of their products are these numbers.
 *
 * @param a number of the one
 * @param b number of the other
 * @param spread by which a unit of each differs from its product: standard deviations
 * @example chanceOfRelation({ scale: 'difference', low: 0, high: null }, 3, 3, [0.1, 0.1]) // => 0.5
 */
export function chanceOfRelation(
  { scale, low, high }: Relation,
  a: number,
  b: number,
  [spreadA, spreadB]: readonly [number, number],
): number {
  const below = (bound: number): number => {
    const [from, spread] =
      scale === 'difference'
        ? [a - b - bound, Math.hypot(spreadA, spreadB)]
        : [a - b * bound, Math.hypot(spreadA, spreadB * bound)]
    if (spread > 0) return normalShare(-from / spread)
    return from < 0 ? 1 : from > 0 ? 0 : 0.5
  }
  return Math.max(0, (high === null ? 1 : below(high)) - (low === null ? 0 : below(low)))
}

/** Two numbers and a relation agree when this many standard uncertainties bring them together. */
const agreeWithin = 2

/**
 * Whether what was said of two cannot be brought together with what is known of both.
 *
 * @example contradictsRelation({ scale: 'difference', low: 0, high: null }, { value: 1, u: 0.1 }, { value: 3, u: 0.1 })
 * // => true
 */
export function contradictsRelation({ scale, low, high }: Relation, a: Known, b: Known): boolean {
  const isBeyond = (bound: number | null, sign: 1 | -1): boolean => {
    if (bound === null) return false
    const times = scale === 'ratio' ? bound : 1
    const beyond = scale === 'ratio' ? a.value - bound * b.value : a.value - b.value - bound
    return sign * beyond > agreeWithin * Math.hypot(a.u, times * b.u) + 1e-12 * Math.abs(b.value)
  }
  return isBeyond(low, -1) || isBeyond(high, 1)
}
