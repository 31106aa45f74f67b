import { judge } from '#core/verdict/judgement.ts'
import { specimensUntilSure } from '#core/verdict/specimens-until-sure.ts'
import { chanceFrom } from '../chance.ts'
import { settings } from '../draw-settings.ts'
import { percent, type Extent, type Finding } from '../check.ts'
import { columnsOf, drawReviewer, drawSpreads, evaluateReview, readMarket } from '../review.ts'
import { drawMarket, spinOns } from '../truth.ts'

const products = 4
const moreSpecimens = [1, 3]
const missing = 0.1

/** What was foretold and what came, summed over the markets, and the variance of what comes if it is as foretold. */
interface Foretold {
  foretold: number
  came: number
  variance: number
}

const words = ['leads', 'wins'] as const
const least = { leads: 0.8, wins: 0.95 }

/** Whether the verdict is as sure after more specimens as was foretold. */
export function checkSpecimens(seed: number, extent: Extent): Finding[] {
  const markets = extent === 'whole' ? 40 : 2
  const tallies = moreSpecimens.map(() =>
    Object.fromEntries(words.map((word) => [word, { foretold: 0, came: 0, variance: 0 } as Foretold])),
  )
  for (let market = 0; market < markets; market++) noteMarket(seed + market, tallies)
  return tallies.flatMap((tally, at) =>
    words.map((word): Finding => {
      const { foretold = 0, came = 0, variance = 0 } = tally[word] ?? {}
      const miss = Math.abs(foretold - came) / markets
      const error = Math.sqrt(variance) / markets
      return {
        what: `"${word}" after ${moreSpecimens[at]} more of each of two: foretold, came`,
        found: `${percent(foretold / markets)}, ${percent(came / markets)} ± ${percent(error)}`,
        must: 'within 5 points',
        holds: miss <= 0.05 + 2 * error,
      }
    }),
  )
}

function noteMarket(seed: number, tallies: readonly Record<string, Foretold>[]): void {
  const chance = chanceFrom(seed)
  const market = drawMarket(chance, products)
  const reviewer = drawReviewer(chance, 'r')
  const most = 1 + Math.max(...moreSpecimens)
  const read = readMarket(chance, market.products, drawSpreads(chance), reviewer, {
    specimens: () => most,
    repeats: () => 1,
  })
  const taken = market.products.map(
    () => new Set(spinOns.characteristics.flatMap(({ key }) => (chance.isTrue(missing) ? [] : [key]))),
  )
  const evaluatedWith = (countOf: (id: string) => number) =>
    evaluateReview(
      columnsOf(
        read.map((specimens, at) => specimens.slice(0, countOf(`p${at}`))),
        reviewer,
        (product, key) => taken[product]?.has(key) ?? false,
      ),
    ).evaluated
  const foretold = specimensUntilSure(evaluatedWith(() => 1))
  if (!foretold) return
  for (const [at, more] of moreSpecimens.entries()) {
    const step = foretold.steps.find((one) => one.more === more)
    const { ranked } = judge(
      evaluatedWith((id) => (foretold.columns.includes(id) ? 1 + more : 1)),
      settings,
    )
    const highest = Math.max(...ranked.map((one) => one.chance))
    for (const word of words) {
      const tally = tallies[at]?.[word]
      if (!tally || !step) continue
      const came = Number(highest >= least[word])
      tally.foretold += step[word]
      tally.came += came
      tally.variance += step[word] * (1 - step[word])
    }
  }
}
