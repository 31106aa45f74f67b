import type { FilterForm, IrreversibleStepKey } from '#core/catalogue/index.ts'
import { isKnown, type Cell } from '#core/compare/cell.ts'
import type { Row } from '#core/compare/lineup.ts'
import type { Criterion } from '#core/score/criterion.ts'
import { evidenceOfCell, type CriterionEvidence } from '#core/score/evaluate-criterion.ts'
import type { AttributeBounds } from '#core/score/external-attributes.ts'
import type { FatalFault } from '#core/score/fatal-faults.ts'
import type { ScoredRevision } from '#core/score/chances-problem.ts'
import type { RelatedCriterion } from '#core/score/related-points.ts'
import { unmetMustHaves } from '#core/score/must-have.ts'
import { scoreRevision } from '#core/score/score-revision.ts'

/** What is judged of one revision beside its cells. */
export interface RevisionContext {
  id: string
  fatalFaults: FatalFault[]
  /** Why it does not fit the engine; empty when it does. */
  misfits: string[]
  /** Why it stands beside the others and is not judged. */
  aside?: string
  /** What claims and prices say of it. */
  attributes: Record<string, AttributeBounds>
  /** Points of no return that all its specimens have passed. */
  passedSteps?: IrreversibleStepKey[]
}

/** One revision judged by the criteria in force. */
export interface EvaluatedRevision extends ScoredRevision {
  /** Index of its column in the line-up. */
  at: number
  context: RevisionContext
  /** So many characteristics are known of it. */
  recorded: number
  /** Why it does not fit, is set aside, or has not what the school must have; it is not ranked then. */
  excluded: string | undefined
}

/**
 * All columns of a line-up, judged by the criteria in force.
 *
 * @param form of the filters
 * @param contexts in the order of the rows' cells
 * @param rows of the line-up
 * @param criteria with the weights and value functions in force
 * @example evaluateRevisions('spin-on', [], [], criteria) // => []
 */
export function evaluateRevisions(
  form: FilterForm,
  contexts: readonly RevisionContext[],
  rows: readonly Row[],
  criteria: readonly Criterion[],
): EvaluatedRevision[] {
  return contexts.map((context, at) => {
    const cells = new Map<string, Cell>()
    for (const { key, cells: own } of rows) {
      const cell = own[at]
      if (cell) cells.set(key, cell)
    }
    const attributes = new Map(Object.entries(context.attributes))
    const score = scoreRevision(form, cells, attributes, criteria, context.fatalFaults)
    const evidence = new Map(
      score.lines.flatMap(({ criterion }): [string, CriterionEvidence][] => {
        const cell = cells.get(criterion.attribute)
        const own = cell ? evidenceOfCell(cell) : evidenceOfFact(attributes.get(criterion.attribute))
        return own ? [[criterion.key, own]] : []
      }),
    )
    const recorded = rows.filter(({ kind, cells: own }) => {
      const cell = own[at]
      return kind === 'characteristic' && cell !== undefined && isKnown(cell)
    }).length
    const related = relatedCriteria(at, contexts, rows, criteria)
    const [unmet] = unmetMustHaves(form, cells, attributes, criteria)
    const excluded = context.misfits[0] ?? context.aside ?? unmet
    return { id: context.id, at, context, score, evidence, related, recorded, excluded }
  })
}

/** What was said of a column beside others and is not used up by a cell, by the criteria that it bears on. */
const relatedCriteria = (
  at: number,
  contexts: readonly RevisionContext[],
  rows: readonly Row[],
  criteria: readonly Criterion[],
): RelatedCriterion[] =>
  rows.flatMap(({ key, relations = [] }) =>
    relations
      .filter(({ a, isUsed, isContradicted }) => a === at && !isUsed && !isContradicted)
      .flatMap(({ b, relation }) =>
        criteria
          .filter(({ attribute }) => attribute === key)
          .map((criterion) => ({ criterion: criterion.key, other: contexts[b]?.id ?? '', relation })),
      ),
  )

/**
 * Those that are judged: what fits the engine and is known in anything at all, be it in nothing that counts.
 *
 * @param evaluated all columns
 * @example contenders([]) // => []
 */
export const contenders = (evaluated: readonly EvaluatedRevision[]): EvaluatedRevision[] =>
  evaluated.filter(
    ({ excluded, score, recorded }) => excluded === undefined && (recorded > 0 || score.value !== undefined),
  )

/**
 * Why a filter is unfit for the engine or for the school in force; undefined when it fits, or only stands aside.
 *
 * @example unfitReason(leader) // => undefined
 */
export const unfitReason = ({ excluded, context }: EvaluatedRevision): string | undefined =>
  excluded === context.aside ? undefined : excluded

/** A fact that is known exactly. */
const evidenceOfFact = (bounds: AttributeBounds | undefined): CriterionEvidence | undefined =>
  bounds && bounds.low === bounds.high ? { number: bounds.low, evidence: 'claimed' } : undefined
