import { catalogueFor, findCharacteristic, type Evidence, type Form } from '#core/catalogue/index.ts'
import type { Cell } from '#core/compare/lineup.ts'
import type { FigureResult } from '#core/figures/index.ts'
import { whyNot } from '#core/teardown/plan.ts'
import type { Known } from '#core/teardown/resolve.ts'
import { criteria } from './criteria.ts'
import type { Criterion } from './criterion.ts'
import type { Facts } from './facts.ts'
import { isFact } from './facts.ts'
import { evidenceOfCell, evidenceOfSpecimen, judgeEvidence, judgeFact, type Judgement } from './judge.ts'

/** One criterion judged. */
export interface ScoreLine {
  criterion: Criterion
  /** 0 to 10; absent when nothing is known. */
  points?: number
  /** What is sure of its points, and what they may still come to. */
  low: number
  high: number
  /** Standard uncertainty of the points, from the measurement. */
  sd: number
  evidence?: Evidence
  /** Why it does not count here. */
  reason?: string
}

export interface Veto {
  key: string
  /** What was found, in the words of the fault. */
  because: string
}

/** A weighted judgement: no filtration test. */
export interface Score {
  /** Weighted mean of what is known, 0 to 100, after any cap; absent when nothing is known. */
  value?: number
  /** What it would be if all that is missing were worst, and best. */
  low: number
  high: number
  /** Standard uncertainty of the value, from the measurements. */
  u: number
  /** Share of the weight that rests on evidence, 0 to 1. */
  coverage: number
  lines: ScoreLine[]
  vetoes: Veto[]
}

/** Highest score that a filter with a fault that ends the discussion can reach. */
export const vetoCap = 20

/**
 * A line of the score from a judgement; the points are what they would be if what is open turned out alike.
 *
 * @example lineOf(glue, { low: 5, high: 10, sd: 0, evidence: 'inferred' }).points // => 10
 */
export function lineOf(criterion: Criterion, judgement: Judgement | undefined): ScoreLine {
  if (!judgement) return { criterion, low: 0, high: 10, sd: 0 }
  const { low, high, sd, evidence } = judgement
  const sure = 1 - (high - low) / 10
  return { criterion, low, high, sd, evidence, ...(sure > 0 && { points: low / sure }) }
}

/**
 * A score from its lines: low and high are weighted means; the value lies between them where it would if all
 * that is open turned out as what is known, so what is missing never counts as zero.
 *
 * Source: weighted sum, common practice; the value is low / (low + 100 − high), from the same weights.
 *
 * @example sumUp([lineOf(glue, undefined)], []).value // => undefined
 */
export function sumUp(lines: ScoreLine[], vetoes: Veto[]): Score {
  const counted = lines.filter(({ reason }) => !reason)
  const weight = counted.reduce((sum, { criterion }) => sum + criterion.weight, 0)
  const over = (points: (line: ScoreLine) => number): number =>
    weight === 0 ? 0 : (10 * counted.reduce((sum, line) => sum + line.criterion.weight * points(line), 0)) / weight
  const [low, high] = [over((line) => line.low), over((line) => line.high)]
  const coverage = weight === 0 ? 0 : 1 - (high - low) / 100
  const known = low + 100 - high
  const cap = (score: number) => (vetoes.length > 0 ? Math.min(score, vetoCap) : score)
  const u =
    weight === 0 || coverage <= 0
      ? 0
      : (10 * Math.sqrt(counted.reduce((sum, { criterion, sd }) => sum + (criterion.weight * sd) ** 2, 0))) /
        (weight * coverage)
  return {
    ...(coverage > 1e-9 && { value: cap((100 * low) / known) }),
    low: cap(low),
    high: cap(high),
    u: vetoes.length > 0 ? 0 : u,
    coverage,
    lines,
    vetoes,
  }
}

/**
 * The score of one specimen by its readings alone.
 *
 * What does not apply to the filter is left out with its reason. A fault that ends the discussion caps the
 * score at 20.
 *
 * @param form of the filter
 * @param known resolved characteristics
 * @param figures of the same specimen
 * @param scheme criteria with the weights and rules in force
 * @example scoreOf('spin-on', known, figures).value // => 71.4
 */
export function scoreOf(
  form: Form,
  known: Known,
  figures: ReadonlyMap<string, FigureResult>,
  scheme: readonly Criterion[] = criteria,
): Score {
  const lines = countedFor(form, scheme).map((criterion): ScoreLine => {
    const characteristic = findCharacteristic(criterion.from)
    const reason = characteristic && whyNot(characteristic, known)
    if (reason) return { criterion, low: 0, high: 0, sd: 0, reason }
    const evidence = evidenceOfSpecimen(criterion, known, figures)
    return lineOf(criterion, evidence && judgeEvidence(criterion, evidence))
  })
  return sumUp(lines, findVetoes(form, known))
}

/**
 * The score of one column of a line-up: its specimens together, with what claims and prices say.
 *
 * @param cells of the column, by the key of their row
 * @param facts of its product
 * @param vetoes of any of its specimens
 * @example scoreColumn('spin-on', cells, new Map(), scheme, []).value // => 71.4
 */
export function scoreColumn(
  form: Form,
  cells: ReadonlyMap<string, Cell>,
  facts: Facts,
  scheme: readonly Criterion[],
  vetoes: Veto[],
): Score {
  const lines = countedFor(form, scheme).map((criterion): ScoreLine => {
    if (isFact(criterion.from)) {
      const bounds = facts.get(criterion.from)
      return lineOf(criterion, bounds && judgeFact(criterion, bounds))
    }
    const cell = cells.get(criterion.from)
    if (cell?.state === 'not-applicable') return { criterion, low: 0, high: 0, sd: 0, reason: cell.reason }
    const evidence = cell && evidenceOfCell(cell)
    return lineOf(criterion, evidence && judgeEvidence(criterion, evidence))
  })
  return sumUp(lines, vetoes)
}

const countedFor = (form: Form, scheme: readonly Criterion[]): Criterion[] =>
  scheme.filter(({ forms, weight }) => weight > 0 && forms.includes(form))

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
