import { chanceOfRelation, type Relation } from '#core/compare/relation.ts'
import { findCharacteristic } from '#core/catalogue/index.ts'
import type { Criterion, ScaleRule } from './criterion.ts'
import { cellKinds, quantiles, type DrawProblem } from './draw-problem.ts'
import type { CriterionEvidence } from './evaluate-criterion.ts'
import { studentDeviates } from './point-chances.ts'
import { sfc32 } from './random.ts'
import type { Score } from './score.ts'

/** What was said of a product beside another, by a criterion that judges it. */
export interface RelatedCriterion {
  /** Key of the criterion. */
  criterion: string
  /** Id of the other product's revision. */
  other: string
  relation: Relation
}

interface Related {
  id: string
  score: Score
  evidence: ReadonlyMap<string, CriterionEvidence>
  related?: readonly RelatedCriterion[]
}

/** What may be of one cell: points with the values that give them, and how much its units differ. */
interface Chances {
  /** Place of the cell. */
  cell: number
  points: Float32Array
  values: Float64Array
  spread: number
}

/** A relation between two of a group, by their place in it. */
interface Tie {
  a: number
  b: number
  relation: Relation
}

/** So many times as many draws are made as are kept. */
const candidates = 32 * quantiles
/** Fewer draws than this count that fit: what was said contradicts what was read, and is left aside. */
const fewest = 32
/**
 * How much units of one product differ, as a share, where nothing is known of it. Common practice, no published source.
 */
const usualSpread = 0.02

/**
 * Makes the points of products agree with what was said of them beside each other: draws that break it are left out, in
 * proportion to the chance that two units of such products would be as was said. What was said that contradicts the
 * readings changes nothing.
 *
 * Source: sampling and importance resampling, D. B. Rubin (1988), from memory.
 *
 * @param revisions in the order of the products
 * @param problem whose tables are rewritten in place
 * @returns the same problem, in which cells that belong together are linked
 * @example relatePoints([], twoProducts) // => twoProducts
 */
export function relatePoints(revisions: readonly Related[], problem: DrawProblem): DrawProblem {
  const [first] = revisions
  const criteria = first?.score.lines.map(({ criterion }) => criterion) ?? []
  let links = 0
  for (const [j, criterion] of criteria.entries()) {
    for (const group of groupsOf(revisions, criterion, j, problem)) {
      const kept = fittingDraws(group.chances, group.ties, problem.seed + j)
      if (!kept) continue
      links++
      for (const [m, { cell, points }] of group.chances.entries()) {
        problem.points.set(
          Float32Array.from(kept, (draw) => points[draw[m]!]!),
          cell * quantiles,
        )
        problem.kinds[cell] = cellKinds.known
        problem.links[cell] = links
      }
    }
  }
  return problem
}

interface Group {
  chances: Chances[]
  ties: Tie[]
}

/** Products that relations of one criterion hold together. */
function groupsOf(revisions: readonly Related[], criterion: Criterion, j: number, problem: DrawProblem): Group[] {
  const { kind } = criterion.valueFunction
  if (kind !== 'scale' && kind !== 'steps') return []
  const placeOf = new Map(revisions.map(({ id }, at) => [id, at]))
  const counts = (at: number): boolean => problem.kinds[at * problem.criteria + j] !== cellKinds.none
  const said = revisions.flatMap(({ related = [] }, a) =>
    related.flatMap(({ criterion: key, other, relation }) => {
      const b = placeOf.get(other)
      return key === criterion.key && b !== undefined && counts(a) && counts(b) ? [{ a, b, relation }] : []
    }),
  )
  const groups: { members: number[]; ties: Tie[] }[] = []
  for (const tie of said) {
    const [own, others] = [true, false].map((wanted) =>
      groups.filter(({ members }) => (members.includes(tie.a) || members.includes(tie.b)) === wanted),
    ) as [typeof groups, typeof groups]
    const members = [...new Set([...own.flatMap((one) => one.members), tie.a, tie.b])]
    groups.splice(0, groups.length, ...others, { members, ties: [...own.flatMap((one) => one.ties), tie] })
  }
  return groups.map(({ members, ties }) => ({
    chances: members.map((at) => chancesOf(criterion, revisions[at]!, at * problem.criteria + j, problem)),
    ties: ties.map(({ a, b, relation }) => ({ a: members.indexOf(a), b: members.indexOf(b), relation })),
  }))
}

function chancesOf(criterion: Criterion, { evidence }: Related, cell: number, problem: DrawProblem): Chances {
  const points = problem.points.slice(cell * quantiles, (cell + 1) * quantiles)
  const known = evidence.get(criterion.key)
  const { number, u = 0, degrees = Infinity, unitShare = 0 } = known ?? {}
  if (number === undefined || known?.evidence === 'inferred' || criterion.valueFunction.kind !== 'scale') {
    const values = Float64Array.from(points, (one) => valueOf(criterion, one))
    return { cell, points, values, spread: usualSpread * Math.abs(values[quantiles / 2]!) }
  }
  const deviates = studentDeviates(Math.max(1, degrees))
  return { cell, points, values: deviates.map((deviate) => number + u * deviate), spread: Math.sqrt(unitShare) * u }
}

/** A value that has such points; of several the lowest. */
function valueOf({ valueFunction, attribute }: Criterion, points: number): number {
  if (valueFunction.kind === 'scale') return scaleValue(valueFunction, points)
  const characteristic = findCharacteristic(attribute)
  return (points / 10) * (characteristic?.kind === 'grade' ? characteristic.anchors.length - 1 : 1)
}

function scaleValue({ points: breakpoints }: ScaleRule, points: number): number {
  let nearest: { apart: number; value: number } = { apart: Infinity, value: breakpoints[0][0] }
  for (let at = 1; at < breakpoints.length; at++) {
    const [[from, low], [to, high]] = [breakpoints[at - 1]!, breakpoints[at]!]
    const share = low === high ? 0 : Math.min(1, Math.max(0, (points - low) / (high - low)))
    const apart = Math.abs(low + share * (high - low) - points)
    if (apart < nearest.apart - 1e-6) nearest = { apart, value: from + share * (to - from) }
  }
  return nearest.value
}

/** Draws of all of a group, by their places in the tables, that fit what was said; undefined when hardly any does. */
function fittingDraws(chances: readonly Chances[], ties: readonly Tie[], seed: number): Uint16Array[] | undefined {
  const next = sfc32(seed)
  const members = chances.length
  const drawn = new Uint16Array(candidates * members)
  for (let place = 0; place < drawn.length; place++) drawn[place] = next() & (quantiles - 1)
  const weights = new Float64Array(candidates).fill(1)
  for (const { a, b, relation } of ties) {
    const [one, other] = [chances[a]!, chances[b]!]
    const spreads: [number, number] = [one.spread, other.spread]
    for (let at = 0; at < candidates; at++) {
      const [x, y] = [one.values[drawn[at * members + a]!]!, other.values[drawn[at * members + b]!]!]
      weights[at]! *= chanceOfRelation(relation, x, y, spreads)
    }
  }
  let [sum, squares] = [0, 0]
  for (const weight of weights) {
    sum += weight
    squares += weight * weight
  }
  if (squares === 0 || (sum * sum) / squares < fewest) return undefined
  const kept = resampled(weights, sum).map((at) => drawn.slice(at * members, (at + 1) * members))
  return inAnyOrder(kept, next)
}

/** Places of draws by their weights, each about as often as it weighs: systematic resampling. */
function resampled(weights: Float64Array, sum: number): number[] {
  const kept: number[] = []
  let reached = 0
  for (const [at, weight] of weights.entries()) {
    reached += weight
    while (kept.length < quantiles && reached >= ((kept.length + 0.5) / quantiles) * sum) kept.push(at)
  }
  while (kept.length < quantiles) kept.push(weights.length - 1)
  return kept
}

/** Fisher and Yates. */
function inAnyOrder(draws: Uint16Array[], next: () => number): Uint16Array[] {
  for (let k = draws.length - 1; k > 0; k--) {
    const other = next() % (k + 1)
    ;[draws[k], draws[other]] = [draws[other]!, draws[k]!]
  }
  return draws
}
