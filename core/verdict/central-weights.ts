import { formatList } from '#core/quantity/format-list.ts'
import { criterionGroupLabel, type Criterion, type CriterionGroup } from '#core/score/criterion.ts'
import { formatChance } from './call.ts'

/** Parts that weigh more than usual where a product is first, by any weights at all. */
export interface Preference {
  chance: number
  /** The most above usual first; empty when nothing stands out. */
  parts: CriterionGroup[]
}

/** A part counts when it weighs so many times its usual weight. */
const leastLift = 1.06
/** So many are named. */
const mostParts = 3

/**
 * What one would have to care about for a product to be first.
 *
 * The central weights are the mean of all weights by which it is first; what lies above the mean of all weights speaks
 * for it. They are summed by part, since one criterion alone is hardly seen among many.
 *
 * Source: central weight vector, SMAA-2, Lahdelma and Salminen, Operations Research 49 (2001) 444-454.
 *
 * @param criteria in the order of the weights
 * @param central its central weights, as shares
 * @param chance that it is first by any weights
 * @example
 * preferenceOf([shippedCriterion('glue'), shippedCriterion('can-wall')], [0.7, 0.3], 0.4)
 * // => { chance: 0.4, parts: ['caps'] }
 */
export function preferenceOf(criteria: readonly Criterion[], central: readonly number[], chance: number): Preference {
  const usual = 1 / criteria.length
  const sums = new Map<CriterionGroup, { central: number; usual: number }>()
  for (const [at, { part }] of criteria.entries()) {
    const sum = sums.get(part) ?? { central: 0, usual: 0 }
    sums.set(part, { central: sum.central + (central[at] ?? 0), usual: sum.usual + usual })
  }
  const parts = [...sums]
    .map(([part, sum]) => ({ part, lift: sum.central / sum.usual }))
    .filter(({ lift }) => lift >= leastLift)
    .sort((a, b) => b.lift - a.lift)
    .slice(0, mostParts)
    .map(({ part }) => part)
  return { chance, parts }
}

/**
 * A preference in words.
 *
 * @example formatPreference({ chance: 0.4, parts: ['caps', 'media'] })
 * // => 'wins if you care mostly about end caps/glue and media (first by 40 % of all weights)'
 */
export function formatPreference({ chance, parts }: Preference): string {
  const share = `first by ${formatChance(chance)} of all weights`
  if (parts.length === 0)
    return chance > 0.5
      ? `wins whatever you care about (${share})`
      : `wins now and then, with nothing in particular to care about (${share})`
  const those = formatList(
    parts.map((part) => criterionGroupLabel(part).toLowerCase().replace(' and ', '/')),
    'conjunction',
  )
  return `wins if you care mostly about ${those} (${share})`
}
