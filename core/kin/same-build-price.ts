import type { KinFinding } from './kin-finding.ts'

/** A filter that is to be had for less under another name. */
export interface CheaperName {
  dear: string
  cheap: string
  /** By so much it is cheaper, in whole units of the currency. */
  less: number
}

/**
 * Filters of one build that cost less under another name: each with its cheapest, the greatest saving first. Only of
 * pairs that are called the same build.
 *
 * @param pairs of filters with what can be said of them
 * @param priceOf a filter, landed; undefined where it is not known
 * @example
 * cheaperNames([{ a: 'x', b: 'y', finding: { kind: 'build', chance: 0.98, parts: [] } }],
 *   (id) => (id === 'x' ? 12.5 : 8.4)) // => [{ dear: 'x', cheap: 'y', less: 4.1 }]
 */
export function cheaperNames(
  pairs: readonly { a: string; b: string; finding: KinFinding }[],
  priceOf: (id: string) => number | undefined,
): CheaperName[] {
  const best = new Map<string, CheaperName>()
  for (const { a, b, finding } of pairs) {
    const [ofA, ofB] = [priceOf(a), priceOf(b)]
    if (finding.kind !== 'build' || ofA === undefined || ofB === undefined || ofA === ofB) continue
    const [dear, cheap] = ofA > ofB ? [a, b] : [b, a]
    const less = Math.abs(ofA - ofB)
    if (less > (best.get(dear)?.less ?? 0)) best.set(dear, { dear, cheap, less })
  }
  return [...best.values()].sort((x, y) => y.less - x.less)
}
