import { formatList } from '#core/quantity/format-list.ts'
import { criterionGroupLabel, type CriterionGroup } from '#core/score/criterion.ts'
import type { Contribution } from './contributions.ts'
import { formatChance, type Call } from './call.ts'
import type { EvaluatedRevision } from './ranking.ts'

/** Points won by one part: above zero by the first, below by the second. */
export interface PartContribution {
  group: CriterionGroup
  label: string
  gain: number
}

/**
 * Points of a hundred by part.
 *
 * @param contributions of one against another
 * @example contributionsByPart([]) // => []
 */
export function contributionsByPart(contributions: readonly Contribution[]): PartContribution[] {
  const sums = new Map<CriterionGroup, number>()
  for (const { group, gain } of contributions) sums.set(group, (sums.get(group) ?? 0) + gain)
  return [...sums]
    .map(([group, gain]) => ({ group, label: criterionGroupLabel(group), gain }))
    .sort((a, b) => b.gain - a.gain)
}

/** A sentence of a summary with the contributions it rests on. */
export interface Sentence {
  text: string
  contributions: Contribution[]
}

/** The two of a face-off, with their names. */
interface Side {
  name: string
  evaluated: EvaluatedRevision
  /** 1 where a contribution above zero speaks for it. */
  sign: 1 | -1
}

/** Points of a hundred from which a contribution is worth a word. Common practice, no published source. */
const worthSaying = 0.2

/**
 * A face-off in plain sentences, each resting on its contributions; nothing is said that was not recorded.
 *
 * @param names of the two
 * @param a the first
 * @param b the second
 * @param call who of the two is better, and how sure that is; undefined when it cannot be said
 * @param contributions of the first against the second
 * @param price which is dearer and by how much, in words; undefined when a landed price is not known
 * @example
 * summariseFaceOff({ a: 'N-40', b: 'M-2' }, leader, next, judgePair([leader, next], leader, next), [],
 * undefined)[0]?.text
 *   .startsWith('N-40 wins against M-2: better in ') // => true
 */
export function summariseFaceOff(
  names: { a: string; b: string },
  a: EvaluatedRevision,
  b: EvaluatedRevision,
  call: Call | undefined,
  contributions: readonly Contribution[],
  price: { dearer: 'a' | 'b'; by: string } | undefined,
): Sentence[] {
  const sides: { a: Side; b: Side } = {
    a: { name: names.a, evaluated: a, sign: 1 },
    b: { name: names.b, evaluated: b, sign: -1 },
  }
  return [
    { text: whoIsAhead(sides.a, sides.b, call), contributions: [] },
    ...[sides.a, sides.b].flatMap(whatSpeaksAgainst),
    ...[sides.a, sides.b].flatMap((side) => whereItGains(side, contributions)),
    ...(price ? [whatThePriceBuys(sides[price.dearer], price.by, contributions)] : []),
  ]
}

function whoIsAhead(a: Side, b: Side, call: Call | undefined): string {
  const unknown = [a, b].find(({ evaluated }) => evaluated.score.value === undefined)
  if (unknown) return `Nothing is known of ${unknown.name} yet, so nobody is ahead.`
  const [first] = call?.named ?? []
  if (!call || !first)
    return a.evaluated.excluded || b.evaluated.excluded
      ? 'One of the two does not fit the engine or is set aside, so they are not judged against each other.'
      : 'Nothing is known of both, so nobody is ahead.'
  const [own, other] = first.id === a.evaluated.id ? [a, b] : [b, a]
  const chance = formatChance(first.chance)
  if (call.word === 'close') return `Too close to call: ${own.name} is better in ${chance} of what may be.`
  return `${own.name} ${call.word} against ${other.name}: better in ${chance} of what may be.`
}

const whatSpeaksAgainst = ({ name, evaluated: { score, context } }: Side): Sentence[] => [
  ...score.fatalFaults.map(({ description }) => ({
    text: `${name} is capped, whatever else is good: ${description}.`,
    contributions: [],
  })),
  ...context.misfits.slice(0, 1).map((misfit) => ({ text: `${name} does not fit: ${misfit}.`, contributions: [] })),
  ...(context.aside ? [{ text: `${name} is ${context.aside}.`, contributions: [] }] : []),
]

/** Contributions that speak for a side: what was found before what was only inferred, each largest first. */
const speakingFor = ({ sign }: Side, contributions: readonly Contribution[]): Contribution[] =>
  contributions
    .filter(({ gain }) => gain * sign > worthSaying)
    .sort((p, q) => Number(p.byLook) - Number(q.byLook) || sign * (q.gain - p.gain))

function whereItGains(side: Side, contributions: readonly Contribution[]): Sentence[] {
  const own = speakingFor(side, contributions).slice(0, 3)
  if (own.length === 0) return []
  const isOnlyByLook = own.every(({ byLook }) => byLook)
  const said = own.map(({ criterion, first, second, byLook }) => {
    const [mine, theirs] = side.sign === 1 ? [first, second] : [second, first]
    const look = byLook && !isOnlyByLook ? ', by the look of it' : ''
    return `${criterion.label.toLowerCase()} (${mine} against ${theirs}${look})`
  })
  const gains = isOnlyByLook ? 'gains, by the look of it alone,' : 'gains most'
  return [{ text: `${side.name} ${gains} by ${formatList(said, 'conjunction')}.`, contributions: own }]
}

function whatThePriceBuys(dearer: Side, by: string, contributions: readonly Contribution[]): Sentence {
  const bought = speakingFor(dearer, contributions)
    .filter(({ group, byLook }) => group !== 'value' && !byLook)
    .slice(0, 4)
  const parts = bought.map(({ criterion }) => criterion.label.toLowerCase())
  const text =
    bought.length === 0
      ? `${dearer.name} costs ${by} more each and buys nothing that is larger than its uncertainty.`
      : `${dearer.name} costs ${by} more each; for that it is better in ${formatList(parts, 'conjunction')}.`
  return { text, contributions: bought }
}
