import { assess } from '#core/figures/assess.ts'
import { figureOf } from '#core/figures/index.ts'
import { expandedUncertainty } from '#core/quantity/uncertain.ts'
import { chanceFrom } from '../chance.ts'
import { liesBetween, percent, type Extent, type Finding } from '../check.ts'
import { assessTruth, exactReadings, drawReviewer, drawSpreads, drawUnit, readCharacteristic } from '../review.ts'
import { drawMarket, spinOns } from '../truth.ts'

interface Covered {
  count: number
  covered: number
}

/**
 * Intervals of the figures of one specimen: what they say of it against what it truly is. Measured once, twice or three
 * times, by reviewers whose instruments are off.
 */
export function checkFigures(seed: number, extent: Extent): Finding[] {
  const units = extent === 'whole' ? 3000 : 120
  const byFigure = new Map<string, Covered>()
  for (let unit = 0; unit < units; unit++) noteUnit(seed + unit, byFigure)
  return [...byFigure].map(([name, { count, covered }]) => ({
    what: `95 % interval of ${name}`,
    found: percent(covered / count),
    must: '94.0 % to 96.0 %',
    holds: liesBetween(covered / count, count, 0.94, 0.96),
  }))
}

function noteUnit(seed: number, byFigure: Map<string, Covered>): void {
  const chance = chanceFrom(seed)
  const [product] = drawMarket(chance, 1).products
  if (!product) return
  const unit = drawUnit(chance, product, drawSpreads(chance))
  const truth = assessTruth(unit)
  const reviewer = drawReviewer(chance, 'r')
  const repeats = 1 + chance.below(3)
  const exactly = exactReadings('u', unit)
  // Answers are taken as they are: another answer is another figure.
  const readings = spinOns.characteristics.flatMap((one) =>
    one.kind === 'choice' || one.kind === 'fault'
      ? exactly.filter(({ characteristic }) => characteristic === one.key)
      : readCharacteristic(chance, reviewer, one, unit.values.get(one.key) ?? { text: '' }, 'u', repeats),
  )
  const read = assess('spin-on', readings, { instruments: reviewer.instruments })
  for (const [key, figure] of read.figures) {
    const exact = truth.figures.get(key)
    if (figure.state !== 'known' || exact?.state !== 'known' || figure.number.budget.size === 0) continue
    note(
      byFigure,
      figureOf(key).label,
      Math.abs(figure.number.value - exact.number.value) <= expandedUncertainty(figure.number),
    )
  }
  for (const [key, { number }] of read.values) {
    const exact = truth.values.get(key)?.number
    const kind = spinOns.characteristics.find((one) => one.key === key)?.kind
    if (kind !== 'quantity' || !number || !exact) continue
    note(byFigure, 'a measured quantity', Math.abs(number.value - exact.value) <= expandedUncertainty(number))
  }
}

function note(byFigure: Map<string, Covered>, name: string, isCovered: boolean): void {
  const known = byFigure.get(name) ?? { count: 0, covered: 0 }
  known.count++
  known.covered += Number(isCovered)
  byFigure.set(name, known)
}
