import { criterionGroupLabel, type Criterion, type CriterionGroup } from './criterion.ts'
import { isPenalty } from './score.ts'

/** How one criterion counts by each of several schools. */
export interface CriterionSides {
  criterion: Criterion
  /** Share of the weight of all that is averaged, one a school, 0 to 1. */
  shares: number[]
  /** Whether the schools give different points for the same value. */
  rulesDiffer: boolean
  /** Largest share less the smallest. */
  spread: number
}

/** How much a part counts by each of several schools. */
export interface PartSides {
  part: CriterionGroup
  label: string
  shares: number[]
  spread: number
}

export interface SchoolDifferences {
  /** In the order of the method. */
  parts: PartSides[]
  /** Where they part, furthest first; those on which all agree are left out. */
  criteria: CriterionSides[]
  /** Share of the weight that would have to move for two to agree, one row a school, 0 to 1. */
  distances: number[][]
}

/**
 * Where schools part: how much each part of a filter counts by each, on which criteria they differ most, and how much
 * of the weight lies elsewhere between any two.
 *
 * Source: the distance is the total variation of two sets of shares, half the sum of their differences.
 *
 * @param schools the criteria as each has them, all in one order
 * @example
 * compareSchools([[shippedCriterion('glue')], [shippedCriterion('glue')]]).distances // => [[0, 0], [0, 0]]
 */
export function compareSchools(schools: readonly (readonly Criterion[])[]): SchoolDifferences {
  const shares = schools.map((criteria) => {
    const whole = criteria.reduce((sum, one) => sum + (isPenalty(one) ? 0 : one.weight), 0)
    return criteria.map((one) => (isPenalty(one) || whole === 0 ? 0 : one.weight / whole))
  })
  const sides = (schools[0] ?? []).map((criterion, at): CriterionSides => {
    const own = shares.map((all) => all[at] ?? 0)
    const rules = new Set(schools.map((criteria) => JSON.stringify(criteria[at]?.valueFunction)))
    return { criterion, shares: own, rulesDiffer: rules.size > 1, spread: spreadOf(own) }
  })
  return {
    parts: partSides(sides, schools.length),
    criteria: sides
      .filter(({ spread, rulesDiffer }) => spread > 0.0005 || rulesDiffer)
      .sort((a, b) => b.spread - a.spread),
    distances: shares.map((one) => shares.map((other) => distance(one, other))),
  }
}

const spreadOf = (shares: readonly number[]): number => Math.max(...shares) - Math.min(...shares)

const distance = (one: readonly number[], other: readonly number[]): number =>
  one.reduce((sum, share, at) => sum + Math.abs(share - (other[at] ?? 0)), 0) / 2

function partSides(sides: readonly CriterionSides[], schools: number): PartSides[] {
  const parts = new Map<CriterionGroup, number[]>()
  for (const { criterion, shares } of sides) {
    const sums = parts.get(criterion.part) ?? Array<number>(schools).fill(0)
    parts.set(
      criterion.part,
      sums.map((sum, at) => sum + (shares[at] ?? 0)),
    )
  }
  return [...parts]
    .map(([part, shares]) => ({ part, label: criterionGroupLabel(part), shares, spread: spreadOf(shares) }))
    .filter(({ shares }) => Math.max(...shares) > 0)
}
