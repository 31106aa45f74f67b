import type { FilterForm } from '#core/catalogue/index.ts'
import type { Cell } from '#core/compare/cell.ts'
import type { Row } from '#core/compare/lineup.ts'
import type { Criterion } from '#core/score/criterion.ts'
import { evidenceOfCell, type CriterionEvidence } from '#core/score/evaluate-criterion.ts'
import type { AttributeBounds } from '#core/score/external-attributes.ts'
import type { FatalFault } from '#core/score/fatal-faults.ts'
import type { ScoredRevision } from '#core/score/score-distribution.ts'
import { scoreRevision } from '#core/score/score-revision.ts'
import type { Score } from '#core/score/score.ts'

/** What is judged of one revision beside its cells. */
export interface RevisionContext {
  id: string
  fatalFaults: FatalFault[]
  /** Why it does not fit the engine; empty when it does. */
  misfits: string[]
  /** What claims and prices say of it. */
  attributes: Record<string, AttributeBounds>
}

/** One revision judged by the criteria in force. */
export interface EvaluatedRevision extends ScoredRevision {
  id: string
  /** Index of its column in the line-up. */
  at: number
  context: RevisionContext
  /** Why it does not fit; it is not ranked then. */
  excluded: string | undefined
}

/** Share of the weight that must rest on evidence before a score is ranked among the others. */
export const rankingCoverage = 0.75

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
        const own = cell && evidenceOfCell(cell)
        return own ? [[criterion.key, own]] : []
      }),
    )
    return { id: context.id, at, context, score, evidence, excluded: context.misfits[0] }
  })
}

/**
 * Those that are ranked, best first: what fits and is known well enough; faulty ones stand last by their cap.
 *
 * @param evaluated all columns
 * @example rankRevisions([]) // => []
 */
export const rankRevisions = (evaluated: readonly EvaluatedRevision[]): EvaluatedRevision[] =>
  evaluated
    .filter(
      ({ excluded, score }) => excluded === undefined && score.value !== undefined && score.coverage >= rankingCoverage,
    )
    .sort((a, b) => (b.score.value ?? 0) - (a.score.value ?? 0) || a.at - b.at)

/** Points of a hundred below which nobody cares. Common practice, no published source. */
export const negligiblePoints = 1

/**
 * Two scores are tied when their difference is within its expanded uncertainty (k = 2), or below one point.
 *
 * @param a the one
 * @param b the other
 * @example scoresTied({ value: 80, u: 1 }, { value: 81.5, u: 1 }) // => true
 */
export const scoresTied = (a: Pick<Score, 'value' | 'u'>, b: Pick<Score, 'value' | 'u'>): boolean =>
  a.value !== undefined &&
  b.value !== undefined &&
  Math.abs(a.value - b.value) <= Math.max(negligiblePoints, 2 * Math.hypot(a.u, b.u))

/**
 * The leader, and those tied with it.
 *
 * @param ranked best first
 * @example leaders([]) // => []
 */
export function leaders(ranked: readonly EvaluatedRevision[]): EvaluatedRevision[] {
  const [first] = ranked
  return first ? ranked.filter(({ score }) => scoresTied(score, first.score)) : []
}
