import { findCharacteristic, type Evidence } from '#core/catalogue/index.ts'
import type { Cell } from '#core/compare/lineup.ts'
import type { FigureResult } from '#core/figures/index.ts'
import { mean } from '#core/quantity/repeats.ts'
import { standardUncertainty } from '#core/quantity/uncertain.ts'
import type { Known } from '#core/teardown/resolve.ts'
import { faultPoints, scalePoints, stepPoints, type Criterion, type Rule } from './criterion.ts'
import type { FactBounds } from './facts.ts'

/** Points that evidence allows: what is sure of them, and what they may still come to. */
export interface Judgement {
  /** 0 to 10 each; equal when the evidence settles them. */
  low: number
  high: number
  /** Standard uncertainty of the points that comes from the measurement. */
  sd: number
  evidence: Evidence
}

/** What a criterion is judged on: a number with its uncertainty, or answers. */
export interface Evidenced {
  number?: number
  u?: number
  answers?: readonly string[]
  evidence: Evidence
}

/**
 * Share of the weight that inferred evidence bears; the rest of it stays open. Common practice, no published
 * source: what is concluded from looks is right more often than not.
 */
export const inferredShare = 0.5

/**
 * Points of answers by a rule, averaged over specimens.
 *
 * @returns undefined when the rule does not fit or does not know an answer
 * @example answerPoints({ kind: 'answers', points: { coil: 10, leaf: 6 } }, ['coil', 'leaf']) // => 8
 */
export function answerPoints(rule: Rule, answers: readonly string[]): number | undefined {
  const table = rule.kind === 'answers' ? rule.points : rule.kind === 'fault' ? faultPoints : undefined
  const points = answers.map((answer) => table?.[answer])
  return points.length === 0 || points.some((one) => one === undefined) ? undefined : mean(points as number[])
}

/**
 * Points of a number by a rule.
 *
 * @returns undefined when the rule does not judge numbers
 * @example numberPoints(canWall, 0.000508) // => 9
 */
export function numberPoints({ rule, from }: Criterion, number: number): number | undefined {
  if (rule.kind === 'scale') return scalePoints(rule, number)
  const of = findCharacteristic(from)
  return rule.kind === 'steps' && of?.kind === 'grade' ? stepPoints(number, of.anchors.length) : undefined
}

/**
 * Judges evidence by a criterion.
 *
 * Inferred evidence settles half of its points and leaves the other half open.
 *
 * @returns undefined when the evidence does not fit the rule
 * @example judgeEvidence(glue, { number: 4, evidence: 'inferred' }) // => { low: 5, high: 10, sd: 0, evidence: 'inferred' }
 */
export function judgeEvidence(
  criterion: Criterion,
  { number, u = 0, answers = [], evidence }: Evidenced,
): Judgement | undefined {
  const points = number === undefined ? answerPoints(criterion.rule, answers) : numberPoints(criterion, number)
  if (points === undefined) return undefined
  const sd =
    number === undefined || u === 0
      ? 0
      : Math.abs(numberPoints(criterion, number + u)! - numberPoints(criterion, number - u)!) / 2
  const sure = evidence === 'inferred' ? inferredShare : 1
  return { low: sure * points, high: sure * points + 10 * (1 - sure), sd, evidence }
}

/**
 * Judges a fact that is known within bounds.
 *
 * @example judgeFact(efficiency, { low: 0, high: 0.9 }) // => { low: 0, high: 4, sd: 0, evidence: 'claimed' }
 */
export function judgeFact(criterion: Criterion, { low, high }: FactBounds): Judgement | undefined {
  const [a, b] = [numberPoints(criterion, low), numberPoints(criterion, high)]
  return a === undefined || b === undefined
    ? undefined
    : { low: Math.min(a, b), high: Math.max(a, b), sd: 0, evidence: 'claimed' }
}

/** What is known of one specimen for a criterion. */
export function evidenceOfSpecimen(
  { from }: Criterion,
  known: Known,
  figures: ReadonlyMap<string, FigureResult>,
): Evidenced | undefined {
  const figure = figures.get(from)
  if (figure)
    return figure.state === 'known'
      ? { number: figure.number.value, u: standardUncertainty(figure.number), evidence: figure.evidence }
      : undefined
  const resolved = known.get(from)
  if (!resolved) return undefined
  const { number, text, evidence } = resolved
  return number
    ? { number: number.value, u: standardUncertainty(number), evidence }
    : { answers: text === undefined ? [] : [text], evidence }
}

/** What is known of one column of a line-up for a criterion. */
export function evidenceOfCell(cell: Cell): Evidenced | undefined {
  if (cell.state === 'number') return { number: cell.value, u: cell.u, evidence: cell.evidence }
  return cell.state === 'words' ? { answers: cell.answers, evidence: cell.evidence } : undefined
}
