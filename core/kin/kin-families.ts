import { groupBy } from '#core/group-by.ts'
import type { BuildRecord } from './build-record.ts'
import type { Frequencies } from './frequencies.ts'
import { findKin, isAnyShared, type KinFinding } from './kin-finding.ts'
import { kinship } from './kinship.ts'
import type { SwapWeights } from './swap-test.ts'

/** Two filters of which something can be said. */
export interface KinPair {
  a: string
  b: string
  finding: KinFinding
  /** Chance that each part is shared, in the order of the parts; NaN where it is not known. */
  shared: readonly number[]
}

/** Filters that hang together, each with at least one other. */
export interface KinFamily {
  members: string[]
  pairs: KinPair[]
}

/** What was tried of two filters, by their ids. */
type SwapsBetween = (a: string, b: string) => SwapWeights | undefined

const noSwaps: SwapsBetween = () => undefined

/**
 * The relatives of one filter among others, the surest and closest first; strangers and what cannot be told are left
 * out.
 *
 * @example relativesOf(unrecorded('a'), [], frequenciesOf([]))
 * // => []
 */
export function relativesOf(
  own: BuildRecord,
  others: readonly BuildRecord[],
  frequencies: Frequencies,
  swaps = noSwaps,
): KinPair[] {
  return others
    .flatMap((other): KinPair[] => {
      if (other.id === own.id || other.product === own.product || other.form !== own.form) return []
      const kin = kinship(own, other, frequencies, swaps(own.id, other.id))
      if (!isAnyShared(kin)) return []
      const finding = findKin(kin)
      return isRelation(finding) ? [{ a: own.id, b: other.id, finding, shared: kin.shared }] : []
    })
    .sort(closestFirst)
}

const order = ['build', 'shell', 'family', 'nothing', 'open']

const isRelation = ({ kind }: KinFinding): boolean => kind !== 'nothing' && kind !== 'open'

const closestFirst = (x: KinPair, y: KinPair): number =>
  order.indexOf(x.finding.kind) - order.indexOf(y.finding.kind) ||
  y.finding.parts.length - x.finding.parts.length ||
  y.finding.chance - x.finding.chance

/**
 * All pairs of relatives among some filters, filter by filter.
 *
 * @returns says after each filter how much is done, 0 to 1, and in the end the pairs
 * @example relativesSteps([], frequenciesOf([])).next() // => { value: [], done: true }
 */
export function* relativesSteps(
  records: readonly BuildRecord[],
  frequencies: Frequencies,
  swaps = noSwaps,
): Generator<number, KinPair[]> {
  const pairs: KinPair[] = []
  for (const [at, own] of records.entries()) {
    pairs.push(...relativesOf(own, records.slice(at + 1), frequencies, swaps))
    yield 1 - (1 - (at + 1) / records.length) ** 2
  }
  return pairs.sort(closestFirst)
}

/**
 * All pairs of relatives among some filters.
 *
 * @example allRelatives([], frequenciesOf([])) // => []
 */
export function allRelatives(records: readonly BuildRecord[], frequencies: Frequencies, swaps = noSwaps): KinPair[] {
  const steps = relativesSteps(records, frequencies, swaps)
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

/**
 * Groups that links hold together, directly or by others, the largest first.
 *
 * @example linkedGroups([{ a: 'x', b: 'y' }, { a: 'y', b: 'z' }]) // => [['x', 'y', 'z']]
 */
export function linkedGroups(links: readonly { a: string; b: string }[]): string[][] {
  const leader = new Map<string, string>()
  const find = (id: string): string => {
    const next = leader.get(id) ?? id
    return next === id ? id : find(next)
  }
  for (const { a, b } of links) leader.set(find(b), find(a))
  const groups = groupBy(new Set(links.flatMap(({ a, b }) => [a, b])), find)
  return [...groups.values()].sort((x, y) => y.length - x.length)
}

/**
 * Families: filters that hang together, directly or by others, the largest first.
 *
 * @example kinFamilies([{ a: 'x', b: 'y', finding: { kind: 'build', chance: 1, parts: [] }, shared: [] }])[0]?.members
 * // => ['x', 'y']
 */
export const kinFamilies = (pairs: readonly KinPair[]): KinFamily[] =>
  linkedGroups(pairs).map((members) => {
    const own = new Set(members)
    return { members, pairs: pairs.filter(({ a }) => own.has(a)) }
  })
