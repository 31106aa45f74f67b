import { bench, describe } from 'vitest'
import { normalQuantile } from '#core/quantity/normal.ts'
import { quantiles, runSmaa, type SmaaProblem } from '#core/score/smaa.ts'

/** A problem of measured points, every one of them in doubt. */
function problem(n: number, m: number, draws: number): SmaaProblem {
  const points = new Float32Array(n * m * quantiles)
  for (let i = 0; i < n * m; i++)
    for (let q = 0; q < quantiles; q++)
      points[i * quantiles + q] = 3 + ((i * 37) % 50) / 10 + 0.4 * normalQuantile((q + 0.5) / quantiles)
  return {
    products: n,
    criteria: m,
    points,
    applies: new Uint8Array(n * m).fill(1),
    weights: new Float64Array(m).fill(1),
    caps: new Float64Array(n).fill(100),
    draw: 'around',
    spread: 0.3,
    draws,
    seed: 5,
  }
}

/** The same with objects and closures, as one would first write it. */
function plain({ products, criteria, points, weights, spread, draws }: SmaaProblem): Map<string, number[]> {
  const rivals = Array.from({ length: products }, (_, i) => ({
    name: `p${i}`,
    draw: Array.from(
      { length: criteria },
      (_, j) => () => points[(i * criteria + j) * quantiles + Math.floor(Math.random() * quantiles)]!,
    ),
  }))
  const shares = new Map(rivals.map(({ name }) => [name, new Array<number>(products).fill(0)]))
  for (let d = 0; d < draws; d++) {
    const drawn = [...weights].map((weight) => weight * (1 + spread * (2 * Math.random() - 1)))
    const sum = drawn.reduce((a, b) => a + b, 0)
    const scored = rivals.map(({ name, draw }) => ({
      name,
      score: draw.reduce((total, one, j) => total + (drawn[j]! / sum) * one(), 0),
    }))
    scored.sort((a, b) => b.score - a.score).forEach(({ name }, rank) => shares.get(name)![rank]!++)
  }
  return shares
}

const once = { iterations: 3, time: 0, warmupIterations: 1, warmupTime: 0 }
const full = problem(20, 45, 100_000)

describe('rank robustness, 20 products x 45 criteria x 100,000 draws', () => {
  bench('flat arrays', () => void runSmaa(full), once)
  bench('objects and closures', () => void plain(full), once)
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
  const [halfDraws, halfProducts, halfCriteria] = [
    problem(20, 45, 50_000),
    problem(10, 45, 100_000),
    problem(20, 22, 100_000),
  ]
  bench('half the draws', () => void runSmaa(halfDraws), once)
  bench('half the products', () => void runSmaa(halfProducts), once)
  bench('half the criteria', () => void runSmaa(halfCriteria), once)
})
