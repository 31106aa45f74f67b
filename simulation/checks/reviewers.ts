import type { Call } from '#core/verdict/call.ts'
import { judge } from '#core/verdict/judgement.ts'
import { chanceFrom, type Chance } from '../chance.ts'
import { settings } from '../draw-settings.ts'
import { liesBetween, percent, type Extent, type Finding } from '../check.ts'
import { drawReviewer, drawSpreads, evaluateReview, reviewMarket, wholeReview, type Spreads } from '../review.ts'
import { drawMarket, type TrueProduct } from '../truth.ts'

/** Two reviewers who buy and open the same products, by one school: do their verdicts go together? */
export function checkReviewers(seed: number, extent: Extent): Finding[] {
  const markets = extent === 'whole' ? 120 : 10
  let compatible = 0
  for (let market = 0; market < markets; market++) {
    const chance = chanceFrom(seed + market)
    const { products } = drawMarket(chance, 6)
    const spreads = drawSpreads(chance)
    const [one, other] = ['a', 'b'].map((name) => callBy(chance, products, spreads, name))
    compatible += Number(goTogether(one, other))
  }
  return [
    {
      what: 'two reviewers by one school: verdicts that go together',
      found: `${percent(compatible / markets)} of ${markets}`,
      must: 'at least 95.0 %',
      holds: liesBetween(compatible / markets, markets, 0.95, 1),
    },
  ]
}

function callBy(chance: Chance, products: readonly TrueProduct[], spreads: Spreads, name: string): Call | undefined {
  const plan = { ...wholeReview, missing: 0.2 * chance.even() }
  const { evaluated } = evaluateReview(reviewMarket(chance, products, spreads, drawReviewer(chance, name), plan))
  return judge(evaluated, settings).call
}

/** They do unless both name one alone, and not the same. */
function goTogether(one: Call | undefined, other: Call | undefined): boolean {
  if (!one || !other || one.word === 'close' || other.word === 'close') return true
  return one.named[0]?.id === other.named[0]?.id
}
