import { agreementWeight, isRuledOut } from './agreement-weight.ts'
import type { BuildRecord } from './build-record.ts'
import { howCommon, type Frequencies } from './frequencies.ts'
import { kinFeatures } from './kin-features.ts'
import { kinParts, type KinPartKey } from './kin-parts.ts'
import type { SwapWeights } from './swap-test.ts'

/** Of revisions of one product, of pairs sold for one engine, of any two. Common practice, no published source. */
const stated = {
  sameProduct: { build: 0.4, family: 0.4 },
  sameEngine: { build: 0.05, family: 0.08 },
  anyTwo: { build: 0.01, family: 0.03 },
}
/** Chance that a part is shared in a family, and between filters that have nothing to do with each other. */
const sharedIn = { family: 0.5, strangers: 0.02 }

/** How a pair of filters may hang together, with the chance of each. */
export interface Kinship {
  build: number
  family: number
  strangers: number
  /** Chance that each part is shared, in the order of the parts; NaN where nothing is known of it in both. */
  shared: readonly number[]
  /** Of each part, how many times likelier what is known of it is when it is the same part; nought where ruled out. */
  weights: readonly number[]
}

const partAt = new Map<KinPartKey, number>(kinParts.map(({ key }, at) => [key, at]))
const featurePart = kinFeatures.map(({ part }) => partAt.get(part) ?? 0)
const isLastOfGroup = kinFeatures.map(({ part, group }, at) => {
  const next = kinFeatures[at + 1]
  return next?.part !== part || next.group !== group
})
const boxAt = partAt.get('box') ?? -1

const none: SwapWeights = new Map()

/**
 * How two filters hang together, from what was recorded of both. What is missing says nothing. Of what goes together
 * only what speaks loudest counts. A pair is of one build (all parts are the same), of one family (each part is the
 * same with an even chance) or strangers (a part is the same by chance): a mixture, by Bayes.
 *
 * Source: Fellegi and Sunter, 1969, for the weights; mixture of classes as in Winkler's work on record linkage; both
 * from memory. The shares of the classes: common practice, no published source.
 *
 * @param swaps what was tried of the two
 * @example
 * kinship(unrecorded('a'), unrecorded('b'), frequenciesOf([])).strangers // => 0.96
 */
export function kinship(a: BuildRecord, b: BuildRecord, frequencies: Frequencies, swaps = none): Kinship {
  const weights = partWeights(a, b, frequencies, swaps)
  let { build, family } = statedOf(a, b)
  let strangers = 1 - build - family
  for (let part = 0; part < kinParts.length; part++) {
    const weight = weights[part] ?? NaN
    if (Number.isNaN(weight) || part === boxAt) continue
    build *= weight
    family *= sharedIn.family * weight + 1 - sharedIn.family
    strangers *= sharedIn.strangers * weight + 1 - sharedIn.strangers
  }
  const all = build + family + strangers
  const classes = { build: build / all, family: family / all, strangers: strangers / all }
  return { ...classes, weights, shared: weights.map((weight) => partShare(classes, weight)) }
}

function statedOf(a: BuildRecord, b: BuildRecord) {
  if (a.product === b.product) return stated.sameProduct
  return a.engines.some((engine) => b.engines.includes(engine)) ? stated.sameEngine : stated.anyTwo
}

/** Of what speaks of one thing the loudest for and the loudest against count; of a part the groups are multiplied. */
function partWeights(a: BuildRecord, b: BuildRecord, frequencies: Frequencies, swaps: SwapWeights): number[] {
  const weights = new Array<number>(kinParts.length).fill(NaN)
  let [loudestFor, loudestAgainst] = [1, 1]
  let isKnown = false
  const common = howCommon(frequencies, a, b)
  for (let at = 0; at < kinFeatures.length; at++) {
    const feature = kinFeatures[at]
    const part = featurePart[at] ?? 0
    const [mine, other] = [a.values[at], b.values[at]]
    if (feature && mine && other) {
      const weight = isRuledOut(feature, mine, other) ? 0 : agreementWeight(feature, mine, other, common(at))
      loudestFor = Math.max(loudestFor, weight)
      loudestAgainst = Math.min(loudestAgainst, weight)
      isKnown = true
    }
    if (!isLastOfGroup[at]) continue
    if (isKnown) weights[part] = loudestFor * loudestAgainst * orOne(weights[part])
    loudestFor = 1
    loudestAgainst = 1
    isKnown = false
  }
  for (const [key, weight] of swaps) weights[partAt.get(key) ?? 0] = weight * orOne(weights[partAt.get(key) ?? 0])
  return weights
}

const orOne = (weight = NaN): number => (Number.isNaN(weight) ? 1 : weight)

/** The chance that a part is shared, given how the pair hangs together. */
const partShare = ({ build, family, strangers }: Pick<Kinship, 'build' | 'family' | 'strangers'>, weight: number) =>
  Number.isNaN(weight)
    ? NaN
    : build + family * given(sharedIn.family, weight) + strangers * given(sharedIn.strangers, weight)

const given = (share: number, weight: number): number => (share * weight) / (share * weight + 1 - share)

/**
 * The chance that some parts are shared and others are not, all at once.
 *
 * @param shared places of parts that are to be shared
 * @param other places of parts of which none is to be shared
 * @example jointShare({ build: 1, family: 0, strangers: 0, shared: [1], weights: [9] }, [0], []) // => 1
 */
export function jointShare(
  { build, family, strangers, weights }: Kinship,
  shared: readonly number[],
  other: readonly number[],
): number {
  const within = (share: number): number =>
    shared.reduce((all, at) => all * given(share, orOne(weights[at])), 1) *
    other.reduce((all, at) => all * (1 - given(share, orOne(weights[at]))), 1)
  return (other.length > 0 ? 0 : build) + family * within(sharedIn.family) + strangers * within(sharedIn.strangers)
}
