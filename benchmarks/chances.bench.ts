import { bench, describe } from 'vitest'
import { normalQuantile } from '#core/quantity/normal.ts'
import { acceptability, type DrawSettings } from '#core/score/acceptability.ts'
import { cellKinds, quantiles, type DrawProblem } from '#core/score/draw-problem.ts'

/** Points in doubt everywhere; a share of the cells is open. */
function problem(n: number, m: number, open: number, draw: DrawProblem['draw'] = 'fixed'): DrawProblem {
  const points = new Float32Array(n * m * quantiles)
  for (let i = 0; i < n * m; i++)
    for (let q = 0; q < quantiles; q++)
      points[i * quantiles + q] = 3 + ((i * 37) % 50) / 10 + 0.4 * normalQuantile((q + 0.5) / quantiles)
  return {
    products: n,
    criteria: m,
    points,
    kinds: Uint8Array.from({ length: n * m }, (_, i) =>
      (i * 7919) % 100 < 100 * open ? cellKinds.open : cellKinds.known,
    ),
    links: new Uint16Array(n * m),
    penalty: new Uint8Array(m),
    quality: Float64Array.from({ length: 2 * n }, (_, k) => k % 2),
    correlation: 0.15,
    weights: new Float64Array(m).fill(1),
    caps: new Float64Array(n).fill(100),
    cap: 20,
    draw,
    spread: 0.3,
    seed: 5,
  }
}

const draws = (count: number, ranks = false): DrawSettings => ({ least: count, most: count, standardError: 0, ranks })

const once = { iterations: 3, time: 0, warmupIterations: 1, warmupTime: 0 }
const [known, half, around] = [problem(20, 45, 0), problem(20, 45, 0.5), problem(20, 45, 0, 'around')]

describe('chances of first, 20 products x 45 criteria x 100,000 draws', () => {
  bench('all known', () => void acceptability(known, draws(100_000)), once)
  bench('half of it open', () => void acceptability(half, draws(100_000)), once)
  bench('all known, with ranks', () => void acceptability(known, draws(100_000, true)), once)
  bench('weights drawn, with ranks', () => void acceptability(around, draws(100_000, true)), once)
  const [a, b] = [new Float64Array(4096).fill(1.0001), new Float64Array(4096).fill(0.5)]
  bench(
    'as many multiply-adds in a bare loop over typed arrays',
    () => {
      let [s0, s1, s2, s3] = [0, 0, 0, 0]
      for (let round = 0; round < (20 * 45 * 100_000) / 4096; round++) {
        for (let k = 0; k < 4096; k += 4) {
          s0 += a[k]! * b[k]!
          s1 += a[k + 1]! * b[k + 1]!
          s2 += a[k + 2]! * b[k + 2]!
          s3 += a[k + 3]! * b[k + 3]!
        }
      }
      if (s0 + s1 + s2 + s3 < 0) throw new Error('unreachable')
    },
    once,
  )
})

describe('linear in each', () => {
  const [halfProducts, halfCriteria] = [problem(10, 45, 0), problem(20, 22, 0)]
  bench('half the draws', () => void acceptability(known, draws(50_000)), once)
  bench('half the products', () => void acceptability(halfProducts, draws(100_000)), once)
  bench('half the criteria', () => void acceptability(halfCriteria, draws(100_000)), once)
})

describe('the headline, 12 products x 45 criteria to 0.15 points', () => {
  const headline = problem(12, 45, 0.3)
  bench('first answer', () => void acceptability(headline, draws(4096)), once)
  bench(
    'settled',
    () => void acceptability(headline, { least: 8192, most: 131_072, standardError: 0.0015, ranks: false }),
    once,
  )
})
