import type { Row } from '#core/compare/lineup.ts'
import type { DrawSettings } from '#core/score/acceptability.ts'
import type { Change } from '#core/verdict/change.ts'
import { flipsOf } from '#core/verdict/flips.ts'
import { judge } from '#core/verdict/judgement.ts'
import { evaluateRevisions, type EvaluatedRevision } from '#core/verdict/ranking.ts'
import { chanceFrom } from '../chance.ts'
import { percent, type Extent, type Finding } from '../check.ts'
import { drawReviewer, drawSpreads, evaluateReview, reviewMarket, wholeReview } from '../review.ts'
import { drawMarket, spinOns } from '../truth.ts'

const settings: DrawSettings = { least: 16_384, most: 16_384, standardError: 0, ranks: false }

/**
 * What would change the verdict: each change that is told is made in the line-up itself, and the line-up judged anew.
 */
export function checkFlips(seed: number, extent: Extent): Finding[] {
  const markets = extent === 'whole' ? 12 : 2
  let [told, held] = [0, 0]
  for (let market = 0; market < markets; market++) {
    const chance = chanceFrom(seed + market)
    const plan = { ...wholeReview, missing: 0.1 * chance.below(3) }
    const { products } = drawMarket(chance, 6)
    const { rows, evaluated } = evaluateReview(
      reviewMarket(chance, products, drawSpreads(chance), drawReviewer(chance, 'r'), plan),
    )
    for (const { change, call } of flipsOf(evaluated, settings)) {
      const after = judge(madeInTheLineup(rows, evaluated, change), settings).call
      told++
      held += Number(after?.word === call.word && after.named[0]?.id === call.named[0]?.id)
    }
  }
  return [
    {
      what: 'changes that are told, made in the line-up itself',
      found: `${percent(told === 0 ? 1 : held / told)} of ${told} hold`,
      must: '100.0 %',
      holds: held === told,
    },
  ]
}

/** The line-up judged from its rows, with the one weight, or the one cell, as the change says. */
function madeInTheLineup(
  rows: readonly Row[],
  evaluated: readonly EvaluatedRevision[],
  change: Change,
): EvaluatedRevision[] {
  const { criteria } = spinOns
  const attribute = criteria.find(({ key }) => key === change.criterion)?.attribute
  const weighed =
    change.kind === 'weight'
      ? criteria.map((one) => (one.key === change.criterion ? { ...one, weight: change.to } : one))
      : criteria
  const changed = rows.map((row) =>
    change.kind === 'value' && row.key === attribute
      ? {
          ...row,
          cells: row.cells.map((cell, at) =>
            evaluated[at]?.id === change.column && cell.state === 'number' ? { ...cell, value: change.to } : cell,
          ),
        }
      : row,
  )
  const contexts = evaluated.map(({ context }) => context)
  return evaluateRevisions('spin-on', contexts, changed, weighed)
}
