import type { DrawSettings } from '#core/score/acceptability.ts'
import { judge } from '#core/verdict/judgement.ts'
import { chanceFrom } from '../chance.ts'
import { errorOfMean, isWithin, liesBetween, percent, type Extent, type Finding } from '../check.ts'
import { drawReviewer, drawSpreads, evaluateReview, reviewMarket, wholeReview } from '../review.ts'
import { trueScore } from '../true-score.ts'
import { drawMarket } from '../truth.ts'

const missingShares = [0, 0.1, 0.2, 0.4]
const products = 8
const settings: DrawSettings = { least: 8192, most: 8192, standardError: 0, ranks: false }

/** Sums over many markets at one share that is missing. */
interface Counts {
  /** Share of the scores that their intervals cover, by market. */
  covered: number[]
  wins: number
  winsRight: number
  leads: number
  leadsRight: number
  brier: number
  brierOfHighest: number
}

/** By tenth of the chance: how many, how many were truly first, and the sum of the chances. */
type Calibration = { count: number; hits: number; chances: number }[]

/** Intervals of scores, what is called a win or a lead, and chances of first, against markets with a known truth. */
export function checkVerdicts(seed: number, extent: Extent): { findings: Finding[]; calibration: Calibration } {
  const markets = extent === 'whole' ? 180 : 12
  const calibration: Calibration = Array.from({ length: 10 }, () => ({ count: 0, hits: 0, chances: 0 }))
  const byShare = missingShares.map((missing, at) => countVerdicts(seed + 1e6 * at, markets, missing, calibration))
  const findings = byShare.flatMap((counts, at) => findingsOf(missingShares[at] ?? 0, counts))
  const all = sumOf(byShare)
  const worst = Math.max(...calibration.map(missedBy))
  return {
    calibration,
    findings: [
      ...findings,
      {
        what: 'chance of first: largest miss in a tenth',
        found: `${(100 * worst).toFixed(1)} points`,
        must: 'within 3 points, as far as the sample tells',
        holds: worst <= 0.03,
      },
      {
        what: 'Brier score of the chances, beside "always the highest score"',
        found: `${(all.brier / (markets * 4)).toFixed(3)} beside ${(all.brierOfHighest / (markets * 4)).toFixed(3)}`,
        must: 'lower',
        holds: all.brier < all.brierOfHighest,
      },
    ],
  }
}

/**
 * By how much the share that came first misses the chances of a tenth, beyond three standard errors of the sample: ten
 * tenths are looked at.
 */
function missedBy({ count, hits, chances }: Calibration[number]): number {
  if (count === 0) return 0
  const mean = chances / count
  return Math.max(0, Math.abs(hits / count - mean) - 3 * Math.sqrt((mean * (1 - mean)) / count))
}

function findingsOf(missing: number, { covered, wins, winsRight, leads, leadsRight }: Counts): Finding[] {
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
    calledRight('wins', 0.95, name, wins, winsRight),
    calledRight('leads', 0.8, name, leads, leadsRight),
  ]
}

const calledRight = (word: string, least: number, name: string, called: number, right: number): Finding => ({
  what: `"${word}" is truly the best, ${name}`,
  found: called === 0 ? 'never said' : `${percent(right / called)} of ${called}`,
  must: `at least ${percent(least)}`,
  holds: called === 0 || liesBetween(right / called, called, least, 1),
})

function countVerdicts(seed: number, markets: number, missing: number, calibration: Calibration): Counts {
  const counts: Counts = {
    covered: [],
    wins: 0,
    winsRight: 0,
    leads: 0,
    leadsRight: 0,
    brier: 0,
    brierOfHighest: 0,
  }
  for (let market = 0; market < markets; market++) countMarket(seed + market, missing, counts, calibration)
  return counts
}

function countMarket(seed: number, missing: number, counts: Counts, calibration: Calibration): void {
  const chance = chanceFrom(seed)
  const market = drawMarket(chance, products)
  const truth = market.products.map(trueScore)
  const best = `p${truth.indexOf(Math.max(...truth))}`
  const plan = { ...wholeReview, missing }
  const { evaluated } = evaluateReview(
    reviewMarket(chance, market.products, drawSpreads(chance), drawReviewer(chance, 'r'), plan),
  )
  const { ranked, call } = judge(evaluated, settings)
  const highest = [...evaluated].sort((a, b) => (b.score.value ?? 0) - (a.score.value ?? 0))[0]?.id
  let covered = 0
  for (const { id, chance: share, chances } of ranked) {
    const score = truth[Number(id.slice(1))] ?? 0
    const hit = Number(id === best)
    covered += Number(chances.low <= score && score <= chances.high)
    counts.brier += (share - hit) ** 2
    counts.brierOfHighest += (Number(id === highest) - hit) ** 2
    const tenth = calibration[Math.min(9, Math.floor(10 * share))]
    if (!tenth) continue
    tenth.count++
    tenth.hits += hit
    tenth.chances += share
  }
  counts.covered.push(covered / ranked.length)
  const right = Number(call?.named[0]?.id === best)
  if (call?.word === 'wins') {
    counts.wins++
    counts.winsRight += right
  } else if (call?.word === 'leads') {
    counts.leads++
    counts.leadsRight += right
  }
}

const sumOf = (those: readonly Counts[]): Pick<Counts, 'brier' | 'brierOfHighest'> => ({
  brier: those.reduce((sum, { brier }) => sum + brier, 0),
  brierOfHighest: those.reduce((sum, { brierOfHighest }) => sum + brierOfHighest, 0),
})
