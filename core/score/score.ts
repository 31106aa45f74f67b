import { catalogueFor, characteristicOf, findCharacteristic, type Evidence, type Form } from '#core/catalogue/index.ts'
import type { FigureResult } from '#core/figures/index.ts'
import { findFigure } from '#core/figures/index.ts'
import { whyNot } from '#core/teardown/plan.ts'
import type { Known } from '#core/teardown/resolve.ts'
import { criteria } from './criteria.ts'
import { faultPoints, scalePoints, stepPoints, type Criterion } from './criterion.ts'

/** One criterion judged on one specimen. */
export interface ScoreLine {
  criterion: Criterion
  /** 0 to 10; absent when nothing is known. */
  points?: number
  evidence?: Evidence
  /** Why it does not count here. */
  reason?: string
}

export interface Veto {
  key: string
  /** What was found, in the words of the fault. */
  because: string
}

/** A construction score: not a filtration test. */
export interface Score {
  /** Weighted mean of what is known, 0 to 100, after any cap; absent when nothing is known. */
  value?: number
  /** What it would be if all that is missing were worst, and best. */
  low: number
  high: number
  /** Share of the weight that rests on evidence, 0 to 1. */
  coverage: number
  lines: ScoreLine[]
  vetoes: Veto[]
}

/** Highest score that a filter with a fault that ends the discussion can reach. */
export const vetoCap = 20

/**
 * Points of one criterion for what is known.
 *
 * @returns undefined when the evidence is missing
 * @example judge(canWall, known, figures)?.points // => 8.1
 */
export function judge(criterion: Criterion, known: Known, figures: ReadonlyMap<string, FigureResult>): { points: number; evidence: Evidence } | undefined {
  const { rule, from } = criterion
  if (findFigure(from)) {
    const figure = figures.get(from)
    if (figure?.state !== 'known' || rule.kind !== 'scale') return undefined
    return { points: scalePoints(rule, figure.number.value), evidence: figure.evidence }
  }
  const resolved = known.get(from)
  if (!resolved) return undefined
  const points = rulePoints(criterion, resolved.number?.value, resolved.text)
  return points === undefined ? undefined : { points, evidence: resolved.evidence }
}

function rulePoints({ rule, from }: Criterion, number: number | undefined, text: string | undefined): number | undefined {
  switch (rule.kind) {
    case 'scale':
      return number === undefined ? undefined : scalePoints(rule, number)
    case 'steps': {
      const characteristic = characteristicOf(from)
      return number === undefined || characteristic.kind !== 'grade' ? undefined : stepPoints(number, characteristic.anchors.length)
    }
    case 'answers':
      return text === undefined ? undefined : rule.points[text]
    case 'fault':
      return text === undefined ? undefined : faultPoints[text]
  }
}

/**
 * The construction score of one specimen: a weighted mean of points, times ten.
 *
 * What is missing widens the score from `low` to `high`; it never counts as zero. What does not apply
 * to the filter is left out with its reason. A fault that ends the discussion caps the score at 20.
 *
 * Source: weighted sum, common practice; breakpoints stand with each criterion.
 *
 * @param form of the filter
 * @param known resolved characteristics
 * @param figures of the same specimen
 * @example scoreOf('spin-on', known, figures).value // => 71.4
 */
export function scoreOf(form: Form, known: Known, figures: ReadonlyMap<string, FigureResult>): Score {
  const lines: ScoreLine[] = criteria
    .filter((criterion) => criterion.forms.includes(form))
    .map((criterion) => {
      const characteristic = findCharacteristic(criterion.from)
      const reason = characteristic && whyNot(characteristic, known)
      if (reason) return { criterion, reason }
      const judged = judge(criterion, known, figures)
      return judged ? { criterion, ...judged } : { criterion }
    })

  let weight = 0
  let knownWeight = 0
  let sum = 0
  for (const { criterion, points, reason } of lines) {
    if (reason) continue
    weight += criterion.weight
    if (points === undefined) continue
    knownWeight += criterion.weight
    sum += criterion.weight * points
  }

  const vetoes = findVetoes(form, known)
  const cap = (score: number) => (vetoes.length > 0 ? Math.min(score, vetoCap) : score)
  const outOf = (points: number, of: number) => (of === 0 ? 0 : cap((10 * points) / of))
  return {
    ...(knownWeight > 0 && { value: outOf(sum, knownWeight) }),
    low: outOf(sum, weight),
    high: outOf(sum + 10 * (weight - knownWeight), weight),
    coverage: weight === 0 ? 0 : knownWeight / weight,
    lines,
    vetoes,
  }
}

/**
 * Faults that end the discussion.
 *
 * Source: common practice, no published source.
 *
 * @example findVetoes('spin-on', withRust)[0]?.because // => 'rust inside a new filter'
 */
export function findVetoes(form: Form, known: Known): Veto[] {
  return catalogueFor(form).flatMap((characteristic) =>
    characteristic.kind === 'fault' && characteristic.ends && known.get(characteristic.key)?.text === 'serious'
      ? [{ key: characteristic.key, because: characteristic.ends }]
      : [],
  )
}
