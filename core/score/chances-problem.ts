import { normalQuantile } from '#core/quantity/normal.ts'
import { externalSpread } from './external-attributes.ts'
import { cellKinds, quantiles, type DrawProblem } from './draw-problem.ts'
import type { CriterionEvidence } from './evaluate-criterion.ts'
import { fatalFaultCap } from './fatal-faults.ts'
import { expectedOf, knownPoints } from './point-chances.ts'
import { relatePoints, type RelatedCriterion } from './related-points.ts'
import { isPenalty, type Score, type ScoreLine } from './score.ts'

/** One product of an analysis: its score, and what its criteria rest on. */
export interface ScoredRevision {
  id: string
  score: Score
  evidence: ReadonlyMap<string, CriterionEvidence>
  /** What was said of it beside others. */
  related?: readonly RelatedCriterion[]
}

/**
 * How alike the parts of one filter are in quality: correlation of points between criteria. Common practice, no
 * published source: who builds one part well builds another well, a little more often than not.
 */
export const qualityCorrelation = 0.2

/**
 * A line-up as a problem of chance: what is known of each product with its doubt, and what is not known as such
 * filters have it, where such filters are those of the line-up and a stated expectation.
 *
 * @param revisions in the order of the products
 * @param settings how weights are drawn, and the seed
 * @param peers from which is learned what such filters have; the same revisions unless others are named
 * @example chancesProblem([leader, next], { draw: 'fixed', spread: 0, seed: 1 }).products // => 2
 */
export function chancesProblem(
  revisions: readonly ScoredRevision[],
  settings: Pick<DrawProblem, 'draw' | 'spread' | 'seed'>,
  peers: readonly ScoredRevision[] = revisions,
): DrawProblem {
  const criteria = revisions[0]?.score.lines.map(({ criterion }) => criterion) ?? []
  const [products, count] = [revisions.length, criteria.length]
  const points = new Float32Array(products * count * quantiles)
  const kinds = new Uint8Array(products * count)
  const qualities = revisions.map(() => newQuality())
  for (const [j, criterion] of criteria.entries()) {
    const lines = revisions.map(({ score }) => score.lines[j]!)
    const expected = expectedOf(criterion, {
      points: peers.flatMap(({ score }) => knownAt(score, j)),
      answers: peers.flatMap(({ evidence }) => evidence.get(criterion.key)?.answers ?? []),
    })
    for (const [i, line] of lines.entries()) {
      if (line.notApplicableReason) continue
      const cell = i * count + j
      kinds[cell] = isOpen(line) ? cellKinds.open : cellKinds.known
      const evidence = revisions[i]!.evidence.get(criterion.key)
      points.set(
        isOpen(line) ? expected.table : knownPoints(criterion, withSpread(line, evidence), line, expected),
        cell * quantiles,
      )
      if (line.points !== undefined && !isPenalty(criterion)) noteQuality(qualities[i]!, line.points, expected.table)
    }
  }
  return relatePoints(revisions, {
    products,
    criteria: count,
    points,
    links: new Uint16Array(products * count),
    kinds,
    penalty: Uint8Array.from(criteria, (criterion) => Number(isPenalty(criterion))),
    quality: Float64Array.from(qualities.flatMap(qualityOf)),
    correlation: qualityCorrelation,
    weights: Float64Array.from(criteria, ({ weight }) => weight),
    caps: Float64Array.from(revisions, ({ score }) => (score.fatalFaults.length > 0 ? fatalFaultCap : 100)),
    cap: fatalFaultCap,
    ...settings,
  })
}

/** Points of a line where they are known. */
function knownAt({ lines }: Score, at: number): number[] {
  const { points, notApplicableReason } = lines[at]!
  return points === undefined || notApplicableReason ? [] : [points]
}

/** Nothing at all is known of the line. */
const isOpen = ({ points }: ScoreLine): boolean => points === undefined

/** A price as it was read may be another one tomorrow: it stands for itself with a stated spread. */
function withSpread(
  { criterion, low, high }: ScoreLine,
  evidence: CriterionEvidence | undefined,
): CriterionEvidence | undefined {
  const spread = externalSpread(criterion.attribute)
  if (spread === 0 || low !== high || evidence?.number === undefined) return evidence
  return { ...evidence, u: Math.hypot(evidence.u ?? 0, spread * evidence.number) }
}

/** Sums over the known criteria of one product. */
interface Quality {
  known: number
  scores: number
}

const newQuality = (): Quality => ({ known: 0, scores: 0 })

/** Notes where the points lie among those of such filters, as a normal score. */
function noteQuality(quality: Quality, points: number, expected: Float32Array): void {
  let [below, equal] = [0, 0]
  for (const one of expected) {
    if (one < points) below++
    else if (one === points) equal++
  }
  const share = (below + equal / 2) / quantiles
  quality.known++
  quality.scores += normalQuantile(Math.min(0.99, Math.max(0.01, share)))
}

/** Mean and deviation of the quality of one product: the normal posterior of a single common factor. */
function qualityOf({ known, scores }: Quality): [number, number] {
  const own = 1 - qualityCorrelation
  const precision = 1 + (known * qualityCorrelation) / own
  const mean = ((Math.sqrt(qualityCorrelation) / own) * scores) / precision
  return [Math.min(3, Math.max(-3, mean)), 1 / Math.sqrt(precision)]
}
