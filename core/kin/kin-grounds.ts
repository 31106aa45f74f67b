import { agreementWeight, isRuledOut } from './agreement-weight.ts'
import type { BuildRecord, KinValue } from './build-record.ts'
import { howCommon, type Frequencies } from './frequencies.ts'
import { kinFeatures, type KinFeature } from './kin-features.ts'

/** What two filters agree or differ in, with what it is worth. */
export interface KinGround {
  feature: KinFeature
  a: KinValue
  b: KinValue
  /** How many times likelier it is when the part is the same. */
  weight: number
  /** How common it is among the others: a share of filters; undefined for a size. */
  share: number | undefined
  verdict: 'rare' | 'common' | 'differs' | 'rules out' | 'says little'
}

/** An agreement that is so much likelier of the same part proves something; less is common. */
const rareFrom = 4
/** A difference counts as one from here on. */
const differsBelow = 0.5

/**
 * All that two filters agree and differ in, the most telling first: what rules a shared part out, what agrees and is
 * rare, what differs, what agrees and is common.
 *
 * @example
 * kinGrounds(unrecorded('a'), unrecorded('b'), frequenciesOf([])) // => []
 */
export function kinGrounds(a: BuildRecord, b: BuildRecord, frequencies: Frequencies): KinGround[] {
  const commonAt = howCommon(frequencies, a, b)
  return kinFeatures
    .flatMap((feature, at): KinGround[] => {
      const [mine, other] = [a.values[at], b.values[at]]
      if (!mine || !other) return []
      const common = commonAt(at)
      const out = isRuledOut(feature, mine, other)
      const weight = out ? 0 : agreementWeight(feature, mine, other, common)
      const share = feature.kind === 'size' ? undefined : common
      return [
        { feature, a: mine, b: other, weight, share, verdict: out ? 'rules out' : verdictOf(mine, other, weight) },
      ]
    })
    .sort((a, b) => Math.abs(Math.log(b.weight + 1e-6)) - Math.abs(Math.log(a.weight + 1e-6)))
}

function verdictOf(a: KinValue, b: KinValue, weight: number): KinGround['verdict'] {
  if (weight >= rareFrom) return 'rare'
  if (weight < differsBelow) return 'differs'
  return 'answer' in a && 'answer' in b && a.answer !== b.answer ? 'says little' : 'common'
}
