import { judge } from '#core/verdict/judgement.ts'
import {
  calibrationFinding,
  calibrationOf,
  callFindings,
  newTally,
  noteJudgement,
  type CallTally,
  type Calibration,
} from '../call-tally.ts'
import { chanceFrom } from '../chance.ts'
import { settings } from '../draw-settings.ts'
import { errorOfMean, isWithin, percent, type Extent, type Finding } from '../check.ts'
import { drawReviewer, drawSpreads, evaluateReview, reviewMarket, wholeReview } from '../review.ts'
import { trueScore } from '../true-score.ts'
import { drawMarket } from '../truth.ts'

const missingShares = [0, 0.1, 0.2, 0.4]
const products = 8

/** Sums over many markets at one share that is missing. */
interface Counts {
  tally: CallTally
  /** Share of the scores that their intervals cover, by market. */
  covered: number[]
  brier: number
  brierOfHighest: number
}

/** Intervals of scores, what is called a win or a lead, and chances of first, against markets with a known truth. */
export function checkVerdicts(seed: number, extent: Extent): { findings: Finding[]; calibration: Calibration } {
  const markets = extent === 'whole' ? 240 : 12
  const byShare = missingShares.map((missing, at) => countVerdicts(seed + 1e6 * at, markets, missing))
  const calibration = calibrationOf(byShare.map(({ tally }) => tally))
  const [brier, brierOfHighest] = [
    byShare.reduce((sum, counts) => sum + counts.brier, 0),
    byShare.reduce((sum, counts) => sum + counts.brierOfHighest, 0),
  ].map((sum) => sum / (markets * missingShares.length)) as [number, number]
  return {
    calibration,
    findings: [
      ...byShare.flatMap((counts, at) => findingsOf(missingShares[at] ?? 0, counts)),
      calibrationFinding('', calibration),
      {
        what: 'Brier score of the chances, beside "always the highest score"',
        found: `${brier.toFixed(3)} beside ${brierOfHighest.toFixed(3)}`,
        must: 'lower',
        holds: brier < brierOfHighest,
      },
    ],
  }
}

function findingsOf(missing: number, { covered, tally }: Counts): Finding[] {
  const name = `${100 * missing} % missing`
  const [least, most] = missing === 0 ? [0.94, 0.96] : [0.93, 0.98]
  const share = covered.reduce((sum, one) => sum + one, 0) / covered.length
  return [
    {
      what: `95 % interval of a score, ${name}`,
      found: `${percent(share)} ± ${percent(errorOfMean(covered))}`,
      must: `${percent(least)} to ${percent(most)}`,
      holds: isWithin(share, errorOfMean(covered), least, most),
    },
    ...callFindings(name, tally),
  ]
}

function countVerdicts(seed: number, markets: number, missing: number): Counts {
  const counts: Counts = { tally: newTally(), covered: [], brier: 0, brierOfHighest: 0 }
  for (let market = 0; market < markets; market++) countMarket(seed + market, missing, counts)
  return counts
}

function countMarket(seed: number, missing: number, counts: Counts): void {
  const chance = chanceFrom(seed)
  const market = drawMarket(chance, products)
  const truth = market.products.map(trueScore)
  const best = `p${truth.indexOf(Math.max(...truth))}`
  const plan = { ...wholeReview, missing }
  const { evaluated } = evaluateReview(
    reviewMarket(chance, market.products, drawSpreads(chance), drawReviewer(chance, 'r'), plan),
  )
  const judgement = judge(evaluated, settings)
  noteJudgement(counts.tally, judgement, best)
  const highest = [...evaluated].sort((a, b) => (b.score.value ?? 0) - (a.score.value ?? 0))[0]?.id
  let covered = 0
  for (const { id, chance: share, chances } of judgement.ranked) {
    const score = truth[Number(id.slice(1))] ?? 0
    const hit = Number(id === best)
    covered += Number(chances.low <= score && score <= chances.high)
    counts.brier += (share - hit) ** 2
    counts.brierOfHighest += (Number(id === highest) - hit) ** 2
  }
  counts.covered.push(covered / judgement.ranked.length)
}
