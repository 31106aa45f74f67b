import { normalQuantile } from '#core/quantity/normal.ts'
import { acceptability, type DrawSettings } from './acceptability.ts'
import { cellKinds, quantiles, type DrawProblem } from './draw-problem.ts'

/** A problem of exact points, a row a product. */
export function problem(rows: number[][], more: Partial<DrawProblem> = {}): DrawProblem {
  const [n, m] = [rows.length, rows[0]!.length]
  const points = new Float32Array(n * m * quantiles)
  rows.forEach((row, i) =>
    row.forEach((one, j) => points.fill(one, (i * m + j) * quantiles, (i * m + j + 1) * quantiles)),
  )
  return {
    products: n,
    criteria: m,
    points,
    kinds: new Uint8Array(n * m).fill(cellKinds.known),
    links: new Uint16Array(n * m),
    penalty: new Uint8Array(m),
    quality: Float64Array.from({ length: 2 * n }, (_, k) => k % 2),
    correlation: 0,
    weights: new Float64Array(m).fill(1),
    caps: new Float64Array(n).fill(100),
    cap: 20,
    draw: 'free',
    spread: 0,
    seed: 7,
    ...more,
  }
}

/** Makes cells uncertain: points by the share of chance below them. */
export function withChances(
  p: DrawProblem,
  cells: [number, number][],
  pointsAt: (share: number) => number,
): DrawProblem {
  for (const [i, j] of cells)
    for (let step = 0; step < quantiles; step++)
      p.points[(i * p.criteria + j) * quantiles + step] = pointsAt((step + 0.5) / quantiles)
  return p
}

export const draws = (count: number, ranks = false): DrawSettings => ({
  least: count,
  most: count,
  standardError: 0,
  ranks,
})
export const firstOf = (p: DrawProblem, count = 40_000) => acceptability(p, draws(count)).first
export const normal = (mean: number, u: number) => (share: number) => mean + u * normalQuantile(share)
