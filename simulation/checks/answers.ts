import { findFigure } from '#core/figures/index.ts'
import { judge } from '#core/verdict/judgement.ts'
import { nextAnswers } from '#core/verdict/next-answers.ts'
import type { EvaluatedRevision } from '#core/verdict/ranking.ts'
import type { Row } from '#core/compare/lineup.ts'
import { chanceFrom, type Chance } from '../chance.ts'
import { settings } from '../draw-settings.ts'
import { percent, type Extent, type Finding } from '../check.ts'
import { columnsOf, drawReviewer, drawSpreads, evaluateReview, readMarket, wholeReview } from '../review.ts'
import { trueScore } from '../true-score.ts'
import { drawMarket, spinOns } from '../truth.ts'

const products = 3
/** So many answers are found of each product after the first look. */
const rounds = 3
const missing = 0.7

/** Attribute to be looked at next of each product, by its id. */
type Policy = (
  evaluated: readonly EvaluatedRevision[],
  rows: readonly Row[],
  chance: Chance,
) => ReadonlyMap<string, string>

const policies: Record<'none' | 'next answers' | 'at random', Policy> = {
  none: () => new Map(),
  'next answers': (evaluated, rows) =>
    new Map(
      [...nextAnswers(evaluated, rows, [])].flatMap(([id, [first]]) => (first ? [[id, first.attribute] as const] : [])),
    ),
  'at random': (evaluated, _, chance) =>
    new Map(
      evaluated.flatMap(({ id, score: { lines } }) => {
        const open = lines.filter(({ points, notApplicableReason }) => points === undefined && !notApplicableReason)
        const one = open[chance.below(Math.max(1, open.length))]
        return one ? [[id, one.criterion.attribute] as const] : []
      }),
    ),
}

/** Whether three next answers a product bring more right leads than three that are taken at random. */
export function checkAnswers(seed: number, extent: Extent): Finding[] {
  const markets = extent === 'whole' ? 28 : 1
  const [before, next, random] = Object.values(policies).map((policy) => {
    let right = 0
    for (let market = 0; market < markets; market++) right += Number(isLedRight(seed + market, policy))
    return right
  }) as [number, number, number]
  return [
    {
      what: 'right leads after three answers a product: next, at random, none',
      found: [next, random, before].map((right) => percent(right / markets)).join(', '),
      must: 'next a third above random',
      // A market or two say nothing of a rate.
      holds: extent === 'short' || next >= (4 / 3) * random,
    },
  ]
}

function isLedRight(seed: number, policy: Policy): boolean {
  const chance = chanceFrom(seed)
  const market = drawMarket(chance, products)
  const reviewer = drawReviewer(chance, 'r')
  const read = readMarket(chance, market.products, drawSpreads(chance), reviewer, wholeReview)
  const taken = market.products.map(
    () => new Set(spinOns.characteristics.flatMap(({ key }) => (chance.isTrue(missing) ? [] : [key]))),
  )
  const truth = market.products.map(trueScore)
  const best = `p${truth.indexOf(Math.max(...truth))}`
  const evaluate = () => evaluateReview(columnsOf(read, reviewer, (product, key) => taken[product]?.has(key) ?? false))
  for (let round = 0; round < rounds; round++) {
    const { rows, evaluated } = evaluate()
    for (const [id, attribute] of policy(evaluated, rows, chance))
      for (const key of findFigure(attribute)?.needs ?? [attribute]) taken[Number(id.slice(1))]?.add(key)
  }
  const { call } = judge(evaluate().evaluated, settings)
  return (call?.word === 'wins' || call?.word === 'leads') && call.named[0]?.id === best
}
