import { findCharacteristic } from '#core/catalogue/index.ts'
import type { RevisionColumn } from '#core/compare/revision-column.ts'
import { judge } from '#core/verdict/judgement.ts'
import { calibrationFinding, callFindings, newTally, noteJudgement, type Calibration } from '../call-tally.ts'
import { chanceFrom, type Chance } from '../chance.ts'
import { settings } from '../draw-settings.ts'
import type { Extent, Finding } from '../check.ts'
import {
  applicableTo,
  columnsOf,
  drawReviewer,
  drawSpreads,
  drawUnit,
  evaluateReview,
  readCharacteristic,
  type Reviewer,
  type Spreads,
} from '../review.ts'
import { parseShape, reviews, type ReviewShape } from '../review-shape.ts'
import { trueScore } from '../true-score.ts'
import { drawMarket, fieldOf, type TrueProduct, type TrueValue } from '../truth.ts'

const lookedAt = reviews
  .flatMap(({ products }) => products.flat())
  .map((said) => parseShape(said).key)
  .filter((key) => findCharacteristic(key) !== undefined)
const fields = { 'spin-on': fieldOf('spin-on', lookedAt), cartridge: fieldOf('cartridge', lookedAt) }

/** Verdicts from what reviewers really record: few readings, some of them claimed or concluded. */
export function checkShapes(seed: number, extent: Extent): { findings: Finding[]; calibration: Calibration } {
  const compared = reviews.filter(({ products }) => products.length > 1)
  const markets = extent === 'whole' ? 64 : 2
  const tally = newTally()
  let ranked = 0
  for (const [at, shape] of compared.entries()) {
    let ranking = 0
    for (let market = 0; market < markets; market++) {
      const chance = chanceFrom(seed + 1e4 * at + market)
      const { products } = drawMarket(chance, shape.products.length, fields[shape.form])
      const truth = products.map(trueScore)
      const judgement = judge(evaluateReview(reviewAs(chance, shape, products), fields[shape.form]).evaluated, settings)
      ranking += Number(judgement.ranked.length > 1)
      noteJudgement(tally, judgement, `p${truth.indexOf(Math.max(...truth))}`)
    }
    ranked += Number(ranking === markets)
  }
  return {
    calibration: tally.calibration,
    findings: [
      {
        what: 'reviews as they are made, of two or more: somebody is ranked',
        found: `in ${ranked} of ${compared.length}`,
        must: 'in all',
        holds: ranked === compared.length,
      },
      ...callFindings('reviews as they are made', tally),
      calibrationFinding(', reviews as they are made', tally.calibration),
    ],
  }
}

/** A market read as a review was: the same characteristics of each product, by the same evidence. */
function reviewAs(chance: Chance, { form, products: lists }: ReviewShape, products: readonly TrueProduct[]) {
  const field = fields[form]
  const [reviewer, spreads] = [drawReviewer(chance, 'r'), drawSpreads(chance, field)]
  const read = products.map((product, at) => [
    { id: `p${at}-0`, readings: readAs(chance, lists[at] ?? [], product, products, reviewer, spreads, `p${at}-0`) },
  ])
  return columnsOf(read, reviewer, () => true, field) satisfies RevisionColumn[]
}

function readAs(
  chance: Chance,
  list: readonly string[],
  product: TrueProduct,
  market: readonly TrueProduct[],
  reviewer: Reviewer,
  spreads: Spreads,
  specimen: string,
) {
  const unit = drawUnit(chance, product, spreads)
  const there = applicableTo(product)
  return list.map(parseShape).flatMap(({ key, evidence, repeats }) => {
    const characteristic = there.find((one) => one.key === key)
    if (!characteristic) return []
    const value = evidence === 'inferred' ? concluded(chance, key, unit, market) : unit.values.get(key)
    return readCharacteristic(chance, reviewer, characteristic, value ?? { text: '' }, specimen, repeats, evidence)
  })
}

/** What is concluded from looks is right half of the time, and else what some other filter has. */
function concluded(
  chance: Chance,
  key: string,
  unit: TrueProduct,
  market: readonly TrueProduct[],
): TrueValue | undefined {
  return chance.isTrue(0.5) ? unit.values.get(key) : market[chance.below(market.length)]?.values.get(key)
}
