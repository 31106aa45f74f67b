import type { Form } from '#core/catalogue/index.ts'
import type { Cell, Row } from '#core/compare/lineup.ts'
import type { Contender } from '#core/score/chances.ts'
import type { Criterion } from '#core/score/criterion.ts'
import type { FactBounds } from '#core/score/facts.ts'
import { evidenceOfCell, type Evidenced } from '#core/score/judge.ts'
import { scoreColumn, type Score, type Veto } from '#core/score/score.ts'

/** What is judged of one column beside its cells. */
export interface Judgeable {
  id: string
  vetoes: Veto[]
  /** Why it does not fit the engine; empty when it does. */
  misfits: string[]
  facts: Record<string, FactBounds>
}

/** One column judged by a scheme. */
export interface Judged extends Contender {
  id: string
  /** Index in the line-up. */
  at: number
  /** Does not fit: it is not ranked. */
  excluded: string | undefined
}

/** Share of the weight that must rest on evidence before a score is ranked among the others. */
export const rankedFrom = 0.75

/**
 * All columns of a line-up, judged by a scheme.
 *
 * @param columns in the order of the rows' cells
 * @example judgeColumns('spin-on', columns, rows, scheme)[0]?.score.value // => 71.4
 */
export function judgeColumns(
  form: Form,
  columns: readonly Judgeable[],
  rows: readonly Row[],
  scheme: readonly Criterion[],
): Judged[] {
  return columns.map(({ id, vetoes, misfits, facts }, at) => {
    const cells = new Map<string, Cell>(rows.map((row) => [row.key, row.cells[at]!]))
    const score = scoreColumn(form, cells, new Map(Object.entries(facts)), scheme, vetoes)
    const evidence = new Map(
      score.lines.flatMap(({ criterion }): [string, Evidenced][] => {
        const cell = cells.get(criterion.from)
        const own = cell && evidenceOfCell(cell)
        return own ? [[criterion.key, own]] : []
      }),
    )
    return { id, at, score, evidence, excluded: misfits[0] }
  })
}

/**
 * Those that are ranked, best first: what fits and is known well enough; faulty ones stand last by their cap.
 *
 * @example ranking(judged)[0]?.id // => id of the leader
 */
export const ranking = (judged: readonly Judged[]): Judged[] =>
  judged
    .filter(
      ({ excluded, score }) => excluded === undefined && score.value !== undefined && score.coverage >= rankedFrom,
    )
    .sort((a, b) => b.score.value! - a.score.value! || a.at - b.at)

/** Points of a hundred below which nobody cares. Common practice, no published source. */
const careless = 1

/**
 * Two scores are tied when their difference is within its expanded uncertainty (k = 2), or below one point.
 *
 * @example scoresTied({ value: 80, u: 1 }, { value: 81.5, u: 1 }) // => true
 */
export const scoresTied = (a: Pick<Score, 'value' | 'u'>, b: Pick<Score, 'value' | 'u'>): boolean =>
  a.value !== undefined &&
  b.value !== undefined &&
  Math.abs(a.value - b.value) <= Math.max(careless, 2 * Math.hypot(a.u, b.u))

/**
 * The leader, and those tied with it.
 *
 * @example leaders(ranking(judged)).length // => 1 for a clear winner
 */
export const leaders = (ranked: readonly Judged[]): Judged[] =>
  ranked[0] ? ranked.filter(({ score }) => scoresTied(score, ranked[0]!.score)) : []
