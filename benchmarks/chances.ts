/**
 * How long the chances of being first take, beside a bare loop over typed arrays: npm run bench:chances. In plain
 * node, as a worker of the page runs them: the way the other benchmarks load modules makes these loops several times
 * as slow. The time of the clock is followed by that of the processor: on a machine that is shared the first tells of
 * neighbours.
 */
import { normalQuantile } from '#core/quantity/normal.ts'
import { acceptability, type DrawSettings } from '#core/score/acceptability.ts'
import { cellKinds, quantiles, type DrawProblem } from '#core/score/draw-problem.ts'
import { nextReadings } from '#core/verdict/next-reading.ts'
import { chanceFrom } from '../simulation/chance.ts'
import { columnsOf, drawReviewer, drawSpreads, evaluateReview, readMarket, wholeReview } from '../simulation/review.ts'
import { drawMarket, spinOns } from '../simulation/truth.ts'

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

/** So often everything is run, one thing after the other, so that a busy neighbour does not hit one of them alone. */
const rounds = 6

/** Milliseconds by the clock and by the processor. */
interface Cost {
  clock: number
  processor: number
}

interface Task {
  what: string
  run: () => void
  aim: string
  costs: Cost[]
}

const tasks: Task[] = []

function time(what: string, run: () => void, aim = ''): Task {
  const task = { what, run, aim, costs: [] }
  tasks.push(task)
  return task
}

function runOnce({ run, costs }: Task): void {
  const [began, used] = [performance.now(), process.cpuUsage()]
  run()
  const { user, system } = process.cpuUsage(used)
  costs.push({ clock: performance.now() - began, processor: (user + system) / 1000 })
}

/** The least of all rounds. */
const leastOf = ({ costs }: Task): Cost => ({
  clock: Math.min(...costs.map(({ clock }) => clock)),
  processor: Math.min(...costs.map(({ processor }) => processor)),
})

/** As many multiply-adds as 20 products by 45 criteria by 100,000 draws ask for. */
function bareLoop(): void {
  const [a, b] = [new Float64Array(4096).fill(1.0001), new Float64Array(4096).fill(0.5)]
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
}

const [known, half, around] = [problem(20, 45, 0), problem(20, 45, 0.5), problem(20, 45, 0, 'around')]
const [halfProducts, halfCriteria] = [problem(10, 45, 0), problem(20, 22, 0)]
const headline = problem(12, 45, 0.3)
const settled: DrawSettings = { least: 8192, most: 131_072, standardError: 0.0015, ranks: false }
const worth = drawnReview(12, 0.5)

console.log('20 products x 45 criteria x 100,000 draws; the least of', rounds, 'rounds')
const bare = time('as many multiply-adds in a bare loop', bareLoop)
const all = time('all known', () => void acceptability(known, draws(100_000)), 'asked: below 1000')
time('half of it open', () => void acceptability(half, draws(100_000)), 'asked: below 1000')
time('all known, with ranks', () => void acceptability(known, draws(100_000, true)))
time('weights drawn, with ranks', () => void acceptability(around, draws(100_000, true)))
time('all known, half the draws', () => void acceptability(known, draws(50_000)))
time('all known, half the products', () => void acceptability(halfProducts, draws(100_000)))
time('all known, half the criteria', () => void acceptability(halfCriteria, draws(100_000)))
time('headline, 12 x 45, 30 % open: first answer', () => void acceptability(headline, draws(4096)), 'asked: below 50')
time('headline, to 0.15 points s.e.', () => void acceptability(headline, settled), 'asked: below 150')
time(
  'what every open reading is worth, 12 products',
  () => void nextReadings(worth.evaluated, worth.rows),
  'asked: below 1000',
)

for (let round = 0; round < rounds; round++) for (const task of tasks) runOnce(task)
for (const task of tasks) {
  const { clock, processor } = leastOf(task)
  console.log(
    task.what.padEnd(48),
    `${clock.toFixed(0)} ms`.padStart(9),
    `(${processor.toFixed(0)})`.padStart(8),
    task.aim,
  )
}
const share = (100 * leastOf(bare).processor) / leastOf(all).processor
console.log(`All known is ${share.toFixed(0)} % of the bare loop, asked: 30 at least.`)

/** A review of a market that is drawn, with a share of its readings not taken. */
function drawnReview(products: number, open: number) {
  const chance = chanceFrom(20_261_127)
  const market = drawMarket(chance, products)
  const reviewer = drawReviewer(chance, 'r')
  const read = readMarket(chance, market.products, drawSpreads(chance), reviewer, wholeReview)
  const taken = market.products.map(
    () => new Set(spinOns.characteristics.flatMap(({ key }) => (chance.isTrue(open) ? [] : [key]))),
  )
  return evaluateReview(columnsOf(read, reviewer, (product, key) => taken[product]?.has(key) ?? false))
}
