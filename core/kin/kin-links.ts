import type { KinPair } from './kin-families.ts'
import { kinParts, type KinPartKey } from './kin-parts.ts'

/** A part that is at least so likely the same links two filters. */
const linksFrom = 0.8

/** Two filters with how strongly a part links them, 0 to 1. */
export interface KinLink {
  a: string
  b: string
  strength: number
}

/** Pairs as they are sent: a part that is not known of both has no share. */
export type ToldPair = Omit<KinPair, 'shared'> & { shared: readonly (number | null)[] }

/**
 * What links filters on a map: all that they are said to share, or one part that is likely the same.
 *
 * @param pairs of relatives
 * @param part undefined for any
 * @example
 * kinLinks([{ a: 'x', b: 'y', finding: { kind: 'family', chance: 0.97, parts: ['plate'] }, shared: [0.99] }], 'plate')
 * // => [{ a: 'x', b: 'y', strength: 0.99 }]
 */
export function kinLinks(pairs: readonly ToldPair[], part: KinPartKey | undefined): KinLink[] {
  if (part === undefined) return pairs.map(({ a, b, finding }) => ({ a, b, strength: finding.chance }))
  const at = kinParts.findIndex(({ key }) => key === part)
  return pairs.flatMap(({ a, b, shared }) => {
    const strength = shared[at] ?? 0
    return strength >= linksFrom ? [{ a, b, strength }] : []
  })
}
