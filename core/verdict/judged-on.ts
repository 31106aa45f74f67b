import { formatList } from '#core/quantity/format-list.ts'
import { criterionGroupLabel, type CriterionGroup } from '#core/score/criterion.ts'
import { isPenalty, type Score } from '#core/score/score.ts'

/** What a product is judged on. */
export interface JudgedOn {
  /** Criteria of which something is known, of so many that count. */
  known: number
  of: number
  /** Share of the weight that rests on evidence. */
  coverage: number
  /** Parts that most of the known weight lies on, heaviest first; empty when most is known, or nothing. */
  mostly: CriterionGroup[]
}

/** From this share of the weight on it goes without saying what a product is judged on. */
const nearlyAll = 0.85
/** Parts are named until they bear so much of what is known. */
const most = 0.5

/**
 * What a product is judged on: how many criteria, how much of the weight, and on which parts most of that lies.
 *
 * @param score of the product
 * @example judgedOn(leader.score) // => { known: 3, of: 3, coverage: 1, mostly: [] }
 */
export function judgedOn({ lines, coverage }: Score): JudgedOn {
  const counted = lines.filter(({ notApplicableReason }) => !notApplicableReason)
  const known = counted.filter(({ points }) => points !== undefined)
  const weights = new Map<CriterionGroup, number>()
  for (const { criterion } of known.filter((line) => !isPenalty(line.criterion)))
    weights.set(criterion.part, (weights.get(criterion.part) ?? 0) + criterion.weight)
  const heaviest = [...weights].sort((a, b) => b[1] - a[1])
  const all = heaviest.reduce((sum, [, weight]) => sum + weight, 0)
  const mostly: CriterionGroup[] = []
  let named = 0
  for (const [part, weight] of heaviest) {
    if (named >= most * all) break
    named += weight
    mostly.push(part)
  }
  return { known: known.length, of: counted.length, coverage, mostly: coverage >= nearlyAll ? [] : mostly }
}

/**
 * What a product is judged on, in words.
 *
 * @example formatJudgedOn({ known: 19, of: 52, coverage: 0.46, mostly: ['can', 'adbv'] })
 * // => '19 of 52, 46 % of the weight; mostly can and anti-drain-back valve'
 */
export function formatJudgedOn({ known, of, coverage, mostly }: JudgedOn): string {
  const parts = mostly.map((part) => criterionGroupLabel(part).toLowerCase().replace(' and ', '/'))
  const said = `${known} of ${of}, ${Math.round(100 * coverage)} % of the weight`
  return parts.length > 0 ? `${said}; mostly ${formatList(parts, 'conjunction')}` : said
}

/**
 * What of a product nobody has looked at, by name, the weightiest first.
 *
 * @param score of the product
 * @example notLookedAt(leader.score) // => []
 */
export const notLookedAt = ({ lines }: Score): string[] =>
  lines
    .filter(({ points, notApplicableReason }) => points === undefined && !notApplicableReason)
    .sort((a, b) => b.criterion.weight - a.criterion.weight)
    .map(({ criterion }) => criterion.label)
