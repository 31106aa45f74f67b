import { catalogue, foundSo, optionsOf, type Characteristic } from '#core/catalogue/index.ts'
import { groupBy } from '#core/group-by.ts'
import type { ResolvedValues } from '#core/teardown/resolve.ts'

/** One specimen of a brand: of which product and tier it is, and what is known of it. */
export interface BrandSpecimen {
  product: string
  tier: string
  values: ResolvedValues
}

/** A share that was counted, with what it may be in all of its kind. */
export interface CountedShare {
  found: number
  of: number
  /** Ends of the 95 % interval. */
  low: number
  high: number
}

/** 95 % of a normal lie within so many standard deviations. */
const z = 1.959964

/**
 * A counted share with its 95 % interval.
 *
 * Source: score interval, E. B. Wilson, Journal of the American Statistical Association 22 (1927) 209-212.
 *
 * @param found so many
 * @param of so many
 * @example countedShare(0, 0) // => { found: 0, of: 0, low: 0, high: 1 }
 */
export function countedShare(found: number, of: number): CountedShare {
  if (of === 0) return { found, of, low: 0, high: 1 }
  const share = found / of
  const middle = (share + z ** 2 / (2 * of)) / (1 + z ** 2 / of)
  const half = (z / (1 + z ** 2 / of)) * Math.sqrt((share * (1 - share)) / of + z ** 2 / (4 * of ** 2))
  return { found, of, low: Math.max(0, middle - half), high: Math.min(1, middle + half) }
}

/** A fault of a brand, tier by tier, in the specimens that were looked at. */
export interface BrandFault {
  characteristic: Characteristic
  tiers: { tier: string; share: CountedShare }[]
  /** What it says of the tiers in which it was not found. */
  says: string
}

/**
 * Faults that were found in a brand, tier by tier. One that was found in a tier is held against another only when it
 * was found there too: tiers may come from different works.
 *
 * Source: common practice, no published source.
 *
 * @param specimens of the brand
 * @param tierName what a tier is called
 * @example brandFaults([], (tier) => tier) // => []
 */
export function brandFaults(specimens: readonly BrandSpecimen[], tierName: (tier: string) => string): BrandFault[] {
  return catalogue.flatMap((characteristic): BrandFault[] => {
    if (characteristic.kind !== 'fault') return []
    const tiers = [...groupBy(specimens, ({ tier }) => tier)].flatMap(([tier, own]) => {
      const answers = own
        .flatMap(({ values }) => values.get(characteristic.key)?.text ?? [])
        .filter((one) => foundSo.includes(one))
      if (answers.length === 0) return []
      return [{ tier, share: countedShare(answers.filter((one) => one !== 'none').length, answers.length) }]
    })
    const [with_, without] = [
      tiers.filter(({ share }) => share.found > 0),
      tiers.filter(({ share }) => share.found === 0),
    ]
    if (with_.length === 0) return []
    const spared = without.map(({ tier, share }) => `${tierName(tier)} (0 of ${share.of})`)
    const says =
      spared.length > 0
        ? `It is not held against ${spared.join(' and ')}.`
        : with_.length > 1
          ? 'It was found in every tier that was looked at.'
          : 'No other tier was looked at: it says nothing of them.'
    return [{ characteristic, tiers, says }]
  })
}

/** An answer that the products of a brand share, or not. */
export interface BrandHabit {
  characteristic: Characteristic
  /** The commonest answer, by its label. */
  answer: string
  share: CountedShare
}

/** A habit is worth a word from so many products up. */
const leastProducts = 3

/**
 * What is steady across the range of a brand: choices that were seen in three products or more, the steadiest first.
 * Each product counts once, by its first answer.
 *
 * @param specimens of the brand
 * @example brandHabits([]) // => []
 */
export function brandHabits(specimens: readonly BrandSpecimen[]): BrandHabit[] {
  const products = [...groupBy(specimens, ({ product }) => product).values()]
  return catalogue
    .flatMap((characteristic): BrandHabit[] => {
      if (characteristic.kind !== 'choice') return []
      const answers = products.flatMap(
        (own) => own.flatMap(({ values }) => values.get(characteristic.key)?.text ?? [])[0] ?? [],
      )
      if (answers.length < leastProducts) return []
      const [commonest = ''] = [...new Set(answers)].sort((a, b) => countOf(answers, b) - countOf(answers, a))
      const label = optionsOf(characteristic).find(({ value }) => value === commonest)?.label ?? commonest
      return [{ characteristic, answer: label, share: countedShare(countOf(answers, commonest), answers.length) }]
    })
    .sort((a, b) => b.share.found / b.share.of - a.share.found / a.share.of || b.share.of - a.share.of)
}

const countOf = (answers: readonly string[], one: string): number => answers.filter((answer) => answer === one).length

/**
 * A counted share in words.
 *
 * @example formatCountedShare({ found: 2, of: 3, low: 0.208, high: 0.939 }) // => '2 of 3 (21 to 94 % of all)'
 */
export const formatCountedShare = ({ found, of, low, high }: CountedShare): string =>
  `${found} of ${of} (${Math.round(100 * low)} to ${Math.round(100 * high)} % of all)`
