import type { Evidence } from '#core/catalogue/index.ts'
import type { Cell } from '#core/compare/cell.ts'
import type { FigureResult } from '#core/figures/index.ts'
import { effectiveDegrees, standardUncertainty, type Uncertain } from '#core/quantity/uncertain.ts'
import type { ResolvedValues } from '#core/teardown/resolve.ts'
import type { Criterion } from './criterion.ts'
import type { AttributeBounds } from './external-attributes.ts'
import { answerPoints, numberPoints, pointsRange } from './value-function.ts'

/** Points that evidence allows: what is sure of them, and what they may still come to. */
export interface CriterionEvaluation {
  /** Within the range of the value function; equal when the evidence settles them. */
  low: number
  high: number
  evidence: Evidence
}

/** What a criterion is judged on: a number with its uncertainty, or answers. */
export interface CriterionEvidence {
  number?: number
  u?: number
  /** Degrees of freedom of u; absent when it is known well. */
  degrees?: number
  /** Share of u² that is the spread from unit to unit; the rest is the reading's own. */
  unitShare?: number
  answers?: readonly string[]
  /** So many specimens were looked at; one when nothing is said. */
  of?: number
  evidence: Evidence
}

/**
 * Share of the weight that inferred evidence bears while the reviewer's own record is not known; the rest of it stays
 * open. Common practice, no published source: what is concluded from looks is right more often than not.
 */
const inferredWeightShare = 0.5

/**
 * Share of the weight of a criterion that inferred evidence bears.
 *
 * @example inferredShare(shippedCriterion('glue')) // => 0.5
 */
export const inferredShare = (criterion: Criterion): number => criterion.inferredShare ?? inferredWeightShare

/**
 * Judges evidence by a criterion.
 *
 * Inferred evidence settles a share of its points, as a rule one half, and leaves the rest open.
 *
 * @returns undefined when the evidence does not fit its value function
 * @example evaluateCriterion(shippedCriterion('glue'), { number: 4, evidence: 'inferred' })
 * // => { low: 5, high: 10, evidence: 'inferred' }
 */
export function evaluateCriterion(
  criterion: Criterion,
  { number, answers = [], evidence }: CriterionEvidence,
): CriterionEvaluation | undefined {
  const points = number === undefined ? answerPoints(criterion.valueFunction, answers) : numberPoints(criterion, number)
  if (points === undefined) return undefined
  const sure = evidence === 'inferred' ? inferredShare(criterion) : 1
  const { least, most } = pointsRange(criterion.valueFunction)
  return {
    low: sure * points + (1 - sure) * least,
    high: sure * points + (1 - sure) * most,
    evidence,
  }
}

/**
 * Judges an external attribute that is known within bounds.
 *
 * @example evaluateAttribute(shippedCriterion('efficiency'), { low: 0, high: 0.9 })
 * // => { low: 0, high: 4, evidence: 'claimed' }
 */
export function evaluateAttribute(
  criterion: Criterion,
  { low, high }: AttributeBounds,
): CriterionEvaluation | undefined {
  const [a, b] = [numberPoints(criterion, low), numberPoints(criterion, high)]
  return a === undefined || b === undefined
    ? undefined
    : { low: Math.min(a, b), high: Math.max(a, b), evidence: 'claimed' }
}

/**
 * What is known of one specimen for a criterion.
 *
 * @param criterion whose attribute is looked up
 * @param known resolved characteristics
 * @param figures of the same specimen
 * @returns undefined when nothing is known
 * @example evidenceOfSpecimen(shippedCriterion('can-wall'), new Map(), new Map()) // => undefined
 */
export function evidenceOfSpecimen(
  { attribute }: Criterion,
  known: ResolvedValues,
  figures: ReadonlyMap<string, FigureResult>,
): CriterionEvidence | undefined {
  const figure = figures.get(attribute)
  if (figure)
    return figure.state === 'known' ? { ...numberEvidence(figure.number), evidence: figure.evidence } : undefined
  const resolved = known.get(attribute)
  if (!resolved) return undefined
  const { number, text, evidence } = resolved
  return number ? { ...numberEvidence(number), evidence } : { answers: text === undefined ? [] : [text], evidence }
}

const numberEvidence = (number: Uncertain): Pick<CriterionEvidence, 'number' | 'u' | 'degrees'> => ({
  number: number.value,
  u: standardUncertainty(number),
  degrees: effectiveDegrees(number),
})

/**
 * What a cell of a line-up says for a criterion.
 *
 * @param cell of the row that the criterion judges
 * @returns undefined when it says nothing that can be judged
 * @example evidenceOfCell({ state: 'missing' }) // => undefined
 */
export function evidenceOfCell(cell: Cell): CriterionEvidence | undefined {
  if (cell.state === 'number') {
    const { value, u, degrees, unitShare, evidence, of } = cell
    return { number: value, u, degrees, unitShare, evidence, of }
  }
  return cell.state === 'words' ? { answers: cell.answers, evidence: cell.evidence, of: cell.of } : undefined
}
