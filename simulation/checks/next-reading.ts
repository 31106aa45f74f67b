import { findFigure } from '#core/figures/index.ts'
import { judge } from '#core/verdict/judgement.ts'
import { nextReadings } from '#core/verdict/next-reading.ts'
import type { EvaluatedRevision } from '#core/verdict/ranking.ts'
import type { Row } from '#core/compare/lineup.ts'
import { chanceFrom, type Chance } from '../chance.ts'
import { settings } from '../draw-settings.ts'
import { percent, type Finding } from '../check.ts'
import { columnsOf, drawReviewer, drawSpreads, evaluateReview, readMarket, wholeReview } from '../review.ts'
import { trueScore } from '../true-score.ts'
import { drawMarket, spinOns } from '../truth.ts'

const products = 6
const steps = 5

/** A reading that may be taken: a criterion of a product. */
interface Choice {
  column: string
  attribute: string
}

type Policy = (evaluated: readonly EvaluatedRevision[], rows: readonly Row[], chance: Chance) => Choice | undefined

/** All that is open, heaviest first. */
const openChoices = (evaluated: readonly EvaluatedRevision[]): Choice[] =>
  evaluated
    .flatMap(({ id, score: { lines } }) =>
      lines.flatMap(({ criterion, points, notApplicableReason }) =>
        points === undefined && !notApplicableReason
          ? [{ column: id, attribute: criterion.attribute, weight: criterion.weight }]
          : [],
      ),
    )
    .sort((a, b) => b.weight - a.weight)

const policies: Record<string, Policy> = {
  'the next reading': (evaluated, rows) =>
    [...nextReadings(evaluated, rows)].sort((a, b) => b.gain - a.gain)[0] ?? openChoices(evaluated)[0],
  'largest weight missing': (evaluated) => openChoices(evaluated)[0],
  'a random reading': (evaluated, _, chance) => {
    const open = openChoices(evaluated)
    return open[chance.below(open.length)]
  },
}

/** How fast the chance of naming the right one grows, by what is read next. */
export function checkNextReading(seed: number): Finding[] {
  const markets = 30
  const curves = Object.entries(policies).map(([name, policy]) => {
    const right = new Array<number>(steps + 1).fill(0)
    for (let market = 0; market < markets; market++) noteMarket(seed + market, policy, right)
    return { name, right: right.map((sum) => sum / markets) }
  })
  const area = (right: readonly number[]) => right.reduce((sum, share) => sum + share, 0)
  const [own, ...others] = curves
  const holds = own !== undefined && others.every(({ right }) => area(own.right) > area(right))
  return curves.map(({ name, right }, at) => ({
    what: `sure of the right one after 0 to ${steps} readings: ${name}`,
    found: right.map((share) => percent(share).replace(/\.\d %$/, '')).join(' '),
    must: at === 0 ? 'above both others' : 'below the next reading',
    holds,
  }))
}

function noteMarket(seed: number, policy: Policy, right: number[]): void {
  const chance = chanceFrom(seed)
  const market = drawMarket(chance, products)
  const reviewer = drawReviewer(chance, 'r')
  const read = readMarket(chance, market.products, drawSpreads(chance), reviewer, wholeReview)
  const taken = market.products.map(
    () => new Set(spinOns.characteristics.flatMap(({ key }) => (chance.isTrue(0.5) ? [] : [key]))),
  )
  const truth = market.products.map(trueScore)
  const best = `p${truth.indexOf(Math.max(...truth))}`
  for (let step = 0; step <= steps; step++) {
    const { rows, evaluated } = evaluateReview(
      columnsOf(read, reviewer, (product, key) => taken[product]?.has(key) ?? false),
    )
    // The chance that is given to the one that is truly the best: what the reader is told of it.
    const told = judge(evaluated, settings).ranked.find(({ id }) => id === best)?.chance ?? 0
    right[step] = (right[step] ?? 0) + told
    const choice = step < steps ? policy(evaluated, rows, chance) : undefined
    if (!choice) continue
    const own = taken[Number(choice.column.slice(1))]
    for (const key of findFigure(choice.attribute)?.needs ?? [choice.attribute]) own?.add(key)
  }
}
