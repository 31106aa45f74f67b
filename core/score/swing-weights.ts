import { mean } from 'simple-statistics'
import { groupBy } from '#core/group-by.ts'
import type { Criterion, CriterionGroup } from './criterion.ts'
import { isPenalty } from './score.ts'

/** What one part from its worst to its best is worth beside the part that matters most: 0 to 1. */
export interface Swing {
  part: CriterionGroup
  worth: number
}

/** The criteria of a part that are weighed against those of the others, with the share that each has of its part. */
export interface SwingPart {
  part: CriterionGroup
  criteria: { criterion: Criterion; share: number }[]
}

/**
 * The parts whose swings are weighed against each other, with what makes up each. Within a part the proportions of
 * the school that is begun from stay; where it counts nothing of a part, those of the method do; where neither does,
 * all criteria of the part alike. Faults only take points away and are no part of the mean, so they have no swing.
 *
 * @param criteria with the weights of the school that is begun from
 * @param method the same criteria with the method's own weights
 * @example
 * swingParts([shippedCriterion('glue')], [shippedCriterion('glue')]).map(({ part }) => part)
 * // => ['caps']
 */
export function swingParts(criteria: readonly Criterion[], method: readonly Criterion[]): SwingPart[] {
  const averaged = criteria.filter((criterion) => !isPenalty(criterion))
  return [...groupBy(averaged, ({ part }) => part)].map(([part, those]) => {
    const usual = those.map(({ key }) => method.find((one) => one.key === key)?.weight ?? 0)
    const own = those.map(({ weight }) => weight)
    const sizes = [own, usual].find((weights) => weights.some((weight) => weight > 0)) ?? those.map(() => 1)
    const whole = sizes.reduce((sum, size) => sum + size, 0)
    return {
      part,
      criteria: those
        .map((criterion, at) => ({ criterion, share: (sizes[at] ?? 0) / whole }))
        .filter(({ share }) => share > 0)
        .sort((a, b) => b.share - a.share),
    }
  })
}

/**
 * Weights from swings: a part weighs what its swing is worth, and shares it out among its criteria. All that is
 * averaged comes to 100; what takes points away keeps its weight beside that.
 *
 * Source: swing weighting, von Winterfeldt and Edwards, Decision Analysis and Behavioral Research (1986), from memory.
 *
 * @param parts of swingParts
 * @param swings a part that is not named has no weight
 * @param criteria with the weights of the school that is begun from
 * @returns weight by criterion
 * @example
 * weightsBySwing(swingParts(criteria, criteria), [{ part: 'caps', worth: 1 }], criteria)['can-wall'] // => 0
 */
export function weightsBySwing(
  parts: readonly SwingPart[],
  swings: readonly Swing[],
  criteria: readonly Criterion[],
): Record<string, number> {
  const worth = new Map(swings.map((swing) => [swing.part, swing.worth]))
  const whole = parts.reduce((sum, { part }) => sum + (worth.get(part) ?? 0), 0)
  const averaged = criteria.filter((criterion) => !isPenalty(criterion))
  const before = averaged.reduce((sum, { weight }) => sum + weight, 0)
  const weights: Record<string, number> = {}
  for (const criterion of criteria)
    weights[criterion.key] = isPenalty(criterion) && before > 0 ? rounded((100 * criterion.weight) / before) : 0
  for (const { part, criteria: those } of parts)
    for (const { criterion, share } of those)
      weights[criterion.key] = whole === 0 ? 0 : rounded((100 * share * (worth.get(part) ?? 0)) / whole)
  return weights
}

const rounded = (weight: number): number => Math.round(weight * 100) / 100

/** One swing set beside another again: what the first is worth when the second is worth 1. */
export interface SwingCheck {
  part: CriterionGroup
  against: CriterionGroup
  worth: number
}

/**
 * Pairs to ask again, neither beside the part that matters most: each swing that counts beside the one two places
 * below it, as far apart as still can be judged.
 *
 * @param swings as they were given
 * @returns three at most
 * @example
 * swingChecks([{ part: 'can', worth: 1 }, { part: 'media', worth: 0.8 }, { part: 'caps', worth: 0.4 }])
 * // => [{ part: 'caps', against: 'media' }]
 */
export function swingChecks(swings: readonly Swing[]): Pick<SwingCheck, 'part' | 'against'>[] {
  const counted = swings
    .filter(({ worth }) => worth > 0)
    .sort((a, b) => b.worth - a.worth)
    .slice(1)
  const step = counted.length > 2 ? 2 : 1
  return counted
    .slice(step)
    .map(({ part }, at) => ({ part, against: (counted[at] as Swing).part }))
    .slice(0, 3)
}

/** How well the answers to a set of swings agree. */
export interface SwingConsistency {
  /** By what factor the checks part from the swings, in the geometric mean: 1 is perfect. */
  factor: number
  /** The check that parts most, with what the swings would have it be. */
  worst: SwingCheck & { implied: number }
}

/** Up to this factor people part from themselves when asked again: common practice, no published source. */
export const steadyFactor = 1.25

/**
 * How well swings agree with what was said when they were set beside each other again.
 *
 * Source: mean of logarithmic deviations, as of ratio judgements; Crawford and Williams (1985), from memory.
 *
 * @param swings as they were given
 * @param checks as they were answered, each above 0
 * @returns undefined when nothing was asked again
 * @example
 * swingConsistency([{ part: 'media', worth: 0.8 }, { part: 'caps', worth: 0.4 }],
 *   [{ part: 'caps', against: 'media', worth: 1 }])?.factor // => 2
 */
export function swingConsistency(
  swings: readonly Swing[],
  checks: readonly SwingCheck[],
): SwingConsistency | undefined {
  const worthOf = (part: CriterionGroup) => swings.find((swing) => swing.part === part)?.worth ?? 0
  const judged = checks
    .filter(({ part, against, worth }) => worth > 0 && worthOf(part) > 0 && worthOf(against) > 0)
    .map((check) => {
      const implied = worthOf(check.part) / worthOf(check.against)
      return { ...check, implied, parting: Math.abs(Math.log(check.worth / implied)) }
    })
    .sort((a, b) => b.parting - a.parting)
  const [worst] = judged
  if (!worst) return undefined
  const { parting: _, ...said } = worst
  return { factor: Math.exp(mean(judged.map(({ parting }) => parting))), worst: said }
}
