import { expect, test } from 'vitest'
import {
  addFourPoints,
  addPoints,
  addTwoLookedUp,
  addWeightedPoints,
  findPlaces,
  limitScores,
  lookUpPoints,
  normalSteps,
  reach,
  wholeScore,
} from './draw-columns.ts'
import { quantiles } from './draw-problem.ts'
import { sfc32 } from './random.ts'

const next = sfc32(7)
const share = () => next() / 4294967296

/** One more than is drawn: what stands there must stay. */
const length = quantiles + 1
const points = () => Float32Array.from({ length }, () => Math.fround(10 * share()))
const column = () => Float64Array.from({ length }, () => 100 * share())
const weights = () => Float64Array.from({ length }, share)

/** A column after something was done to it, and as it should be by a formula for each draw. */
function expectColumn(before: Float64Array, after: Float64Array, formula: (k: number) => number): void {
  for (let k = 0; k < quantiles; k++) expect(after[k]).toBeCloseTo(formula(k), 9)
  expect(after[quantiles]).toBe(before[quantiles])
}

test('points are added draw by draw, weighted, one cell or four at a time, or each with a weight of its own', () => {
  const before = column()
  const [a, b, c, d] = [points(), points(), points(), points()] as const
  const one = before.slice()
  addPoints(one, a, 0.7)
  expectColumn(before, one, (k) => before[k]! + 0.7 * a[k]!)
  const four = before.slice()
  addFourPoints(four, [a, b, c, d], [1, 2, 3, 4])
  expectColumn(before, four, (k) => before[k]! + a[k]! + 2 * b[k]! + 3 * c[k]! + 4 * d[k]!)
  const each = weights()
  const own = before.slice()
  addWeightedPoints(own, a, each)
  expectColumn(before, own, (k) => before[k]! + each[k]! * a[k]!)
})

/** Normal scores in whole parts, from the begin of the table on. */
const scores = (width: number) => Int32Array.from({ length }, () => wholeScore(width * (2 * share() - 1)))
const fromBegin = () => scores(2).map((score) => score + wholeScore(reach))
/** The step of a table in which the sum of two scores stands. */
const stepOf = (shared: Int32Array, own: Int32Array, k: number): number => {
  const deviations = (shared[k]! + own[k]!) / wholeScore(1)
  return Math.floor((deviations * normalSteps) / (2 * reach))
}

test('a whole table lies between nought and twice its reach', () => {
  expect(wholeScore(2 * reach)).toBe(normalSteps * 2 ** 16)
  expect(wholeScore(-1)).toBe(-wholeScore(1))
})

test('points of open cells are looked up where the sum of both scores stands', () => {
  const table = Float32Array.from({ length: normalSteps }, (_, at) => at)
  const [shared, own] = [fromBegin(), scores(2)]
  const places = new Uint16Array(length).fill(7)
  findPlaces(places, shared, own)
  const found = new Float32Array(length).fill(7)
  lookUpPoints(found, table, shared, own)
  for (let k = 0; k < quantiles; k++) {
    expect(places[k]).toBe(stepOf(shared, own, k))
    expect(found[k]).toBe(places[k])
  }
  expect([places[quantiles], found[quantiles]]).toEqual([7, 7])
})

test('two cells at a time are what they are one after the other', () => {
  const tables = [0, 1].map((by) => Float32Array.from({ length: normalSteps }, (_, at) => at + by)) as [
    Float32Array,
    Float32Array,
  ]
  const [shared, a, b, before] = [fromBegin(), scores(2), scores(2), column()]
  const after = before.slice()
  addTwoLookedUp(after, shared, tables, [a, b], [0.5, 2])
  expectColumn(before, after, (k) => before[k]! + 0.5 * stepOf(shared, a, k) + 2 * (stepOf(shared, b, k) + 1))
})

test.each([
  [50, 90, 60, 50],
  [95, 90, 60, 90],
  [90, 90, 60, 90],
  [0, 90, 60, 0],
  [-1, 90, 60, 0],
  [-100, 90, 60, 0],
  [-101, 90, 60, 60],
  [-101, 40, 60, 40],
])('a score of %d under a cap of %d, and %d with a fault, is %d', (score, cap, faultCap, held) => {
  const after = new Float64Array(length).fill(score)
  limitScores(after, cap, faultCap)
  expect([...new Set(after.subarray(0, quantiles))]).toEqual([held])
  expect(after[quantiles]).toBe(score)
})
