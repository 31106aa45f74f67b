import type { CriterionGroup } from '#core/score/criterion.ts'
import type { PartContribution } from './summary.ts'

/** A call on one part of two filters: above nought for the first, below for the second; 1 is slight, 2 clear. */
export type PartCall = -2 | -1 | 0 | 1 | 2

/** Points of a hundred from which a part is called slightly, and clearly. A convention of this method, no source. */
const callGains = { slight: 0.2, clear: 2 }

/**
 * The call that the computed points of a part amount to. Differences within their doubt have no points, so they are
 * ties.
 *
 * @param gain points of a hundred that the first has more
 * @example computedCall(2.5) // => 2
 * @example computedCall(-0.1) // => 0
 */
export function computedCall(gain: number): PartCall {
  const size = Math.abs(gain)
  if (size < callGains.slight) return 0
  const steps = size < callGains.clear ? 1 : 2
  return (Math.sign(gain) * steps) as PartCall
}

/** The reviewer's call on a part beside the computed one. */
export interface CalledPart {
  group: CriterionGroup
  label: string
  own: PartCall | undefined
  computed: PartCall
}

/**
 * Every part on which the points say something or the reviewer has made a call.
 *
 * @param parts points by part
 * @param own the reviewer's calls by group
 * @param labelOf a group
 * @example calledParts([], new Map([['can', 1]]), () => 'Can')
 * // => [{ group: 'can', label: 'Can', own: 1, computed: 0 }]
 */
export function calledParts(
  parts: readonly PartContribution[],
  own: ReadonlyMap<CriterionGroup, PartCall>,
  labelOf: (group: CriterionGroup) => string,
): CalledPart[] {
  const gains = new Map(parts.map(({ group, gain }) => [group, gain]))
  return [...new Set([...gains.keys(), ...own.keys()])].map((group) => ({
    group,
    label: labelOf(group),
    own: own.get(group),
    computed: computedCall(gains.get(group) ?? 0),
  }))
}

/** What the reviewer's calls add up to. */
export interface SumOfCalls {
  /** Steps for each: one for a slight edge, two for a clear one. */
  a: number
  b: number
  ties: number
  /** Who has more; undefined when they are even. */
  pick: 'a' | 'b' | undefined
}

/**
 * The sum of the reviewer's calls, which many take for their pick. Common practice, no published source.
 *
 * @param calls one a part
 * @example sumOfCalls([2, -1, 0]) // => { a: 2, b: 1, ties: 1, pick: 'a' }
 */
export function sumOfCalls(calls: readonly PartCall[]): SumOfCalls {
  const a = calls.reduce<number>((sum, call) => sum + Math.max(0, call), 0)
  const b = calls.reduce<number>((sum, call) => sum + Math.max(0, -call), 0)
  return { a, b, ties: calls.filter((call) => call === 0).length, pick: a === b ? undefined : a > b ? 'a' : 'b' }
}

/**
 * A call in words.
 *
 * @param names of the two
 * @example formatPartCall(-1, { a: 'N-40', b: 'M-2' }) // => 'slight edge to M-2'
 */
export function formatPartCall(call: PartCall, { a, b }: { a: string; b: string }): string {
  if (call === 0) return 'a tie'
  return `${Math.abs(call) === 1 ? 'slight edge to' : 'clearly'} ${call > 0 ? a : b}`
}
