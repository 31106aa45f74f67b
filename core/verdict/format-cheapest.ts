import { formatCount } from '#core/quantity/format.ts'
import { callChances, formatChance } from './call.ts'
import type { CheapestReview, PlannedAnswer } from './cheapest-review.ts'

/**
 * Minutes as they are said.
 *
 * @example formatMinutes(12.4) // => '13 minutes'
 */
export const formatMinutes = (minutes: number): string => formatCount(Math.ceil(minutes), 'minute')

const often = (chance: number): string => formatChance(chance).replace('> ', 'over ').replace('< ', 'under ')

/**
 * The plan in a sentence or two.
 *
 * @example formatCheapestReview({ before: 0.5, after: 0.5, minutes: 0, plan: [] }).slice(0, 57)
 * // => 'Nothing that can still be taken makes it surer: the one t'
 */
export function formatCheapestReview({ before, after, minutes, plan }: CheapestReview): string {
  const right = (chance: number): string => `the one that is named is right ${often(chance)} of the time`
  if (before >= callChances.leads) return `Nothing more is needed: ${right(before)} as it stands.`
  if (plan.length === 0)
    return `Nothing that can still be taken makes it surer: ${right(before)}. Another specimen tells more.`
  const filters = new Set(plan.map(({ column }) => column)).size
  const work = `${formatMinutes(minutes)} on ${formatCount(filters, 'filter')}`
  const then = `${right(after)}, from ${often(before)} now.`
  if (after >= callChances.leads) return `${work} would do: then ${then}`
  return (
    `All that can still be taken is not enough: after ${work} ${then} ` +
    'The rest is the doubt of readings and of units: another specimen tells more.'
  )
}

/** What is to be taken of one product, in the order of the plan. */
export interface PlanOfProduct {
  column: string
  minutes: number
  answers: PlannedAnswer[]
}

/**
 * A plan product by product, the longest first.
 *
 * @example planByProduct([]) // => []
 */
export function planByProduct(plan: readonly PlannedAnswer[]): PlanOfProduct[] {
  const columns = [...new Set(plan.map(({ column }) => column))]
  return columns
    .map((column) => {
      const answers = plan.filter((one) => one.column === column)
      return { column, answers, minutes: answers.reduce((sum, { minutes }) => sum + minutes, 0) }
    })
    .sort((a, b) => b.minutes - a.minutes)
}
