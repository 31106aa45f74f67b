import { buildLineup } from '#core/compare/lineup.ts'
import { cellPointsBy } from '#core/score/row-judgement.ts'
import { chanceFrom } from '../chance.ts'
import { liesBetween, percent, type Extent, type Finding } from '../check.ts'
import { drawReviewer, drawSpreads, reviewMarket, wholeReview } from '../review.ts'
import { drawMarket, spinOns } from '../truth.ts'

/** Best and worst marks among twelve products that are the same: each is a false one. */
export function checkMarks(seed: number, extent: Extent): Finding[] {
  const markets = extent === 'whole' ? 60 : 8
  let [marked, compared] = [0, 0]
  for (let market = 0; market < markets; market++) {
    const chance = chanceFrom(seed + market)
    const [product] = drawMarket(chance, 1).products
    if (!product) continue
    const same = Array.from({ length: 12 }, () => product)
    const columns = reviewMarket(chance, same, drawSpreads(chance), drawReviewer(chance, 'r'), wholeReview)
    for (const { cells } of buildLineup(columns, cellPointsBy(spinOns.criteria))) {
      const known = cells.filter(({ state }) => state === 'number' || state === 'words')
      if (known.length < 2) continue
      compared++
      marked += Number(cells.some((cell) => 'mark' in cell && cell.mark !== undefined))
    }
  }
  return [
    {
      what: 'rows with a false best or worst mark, twelve equal products',
      found: `${percent(marked / compared)} of ${compared}`,
      must: 'at most 5.0 %',
      holds: liesBetween(marked / compared, compared, 0, 0.05),
    },
  ]
}
