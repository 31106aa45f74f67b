import { describe, expect, test } from 'vitest'
import type { Relation } from '#core/compare/relation.ts'
import { normalShare } from '#core/quantity/normal.ts'
import { acceptability } from './acceptability.ts'
import { chancesProblem, type ScoredRevision } from './chances-problem.ts'
import type { Criterion } from './criterion.ts'
import { draws } from './draw-problem.fixture.ts'
import type { CriterionEvidence } from './evaluate-criterion.ts'
import { evaluateCriterion } from './evaluate-criterion.ts'
import { combineScoreLines, scoreLine } from './score.ts'
import { scoreDrawing } from './draw-scores.ts'

/** A wall from 0 to 10 mm has as many points: no end of the scale is in the way. */
const wall: Criterion = {
  ...{ key: 'wall', label: 'Wall', part: 'can', forms: ['spin-on'], attribute: 'can.wall', weight: 1 },
  valueFunction: {
    kind: 'scale',
    points: [
      [0, 0],
      [10, 10],
    ],
  },
  rationale: '',
}

const more: Relation = { scale: 'difference', low: 0, high: null }

function revision(id: string, number: number | undefined, related?: ScoredRevision['related']): ScoredRevision {
  const evidence: CriterionEvidence | undefined =
    number === undefined ? undefined : { number, u: 0.5, unitShare: 0.04, evidence: 'measured' }
  const line = scoreLine(wall, evidence && evaluateCriterion(wall, evidence))
  return {
    id,
    score: combineScoreLines([line], []),
    evidence: new Map(evidence ? [['wall', evidence]] : []),
    ...(related && { related }),
  }
}

const problemOf = (...revisions: ScoredRevision[]) => chancesProblem(revisions, { draw: 'fixed', spread: 0, seed: 3 })
const firstOf = (...revisions: ScoredRevision[]) => acceptability(problemOf(...revisions), draws(20_000)).first
const than = (other: string, relation: Relation = more) => [{ criterion: 'wall', other, relation }]

function scoresOf(...revisions: ScoredRevision[]): number[][] {
  const drawing = scoreDrawing(problemOf(...revisions))
  const columns: number[][] = revisions.map(() => [])
  for (let block = 0; block < 8; block++) {
    drawing.next()
    for (const at of revisions.keys())
      columns[at]!.push(...drawing.scores.subarray(1024 * at, 1024 * (at + 1)).map((score) => score / 10))
  }
  return columns
}
const mean = (values: number[]) => values.reduce((sum, one) => sum + one, 0) / values.length

describe('products of which was said how they stand to each other', () => {
  test('two that are open: the one that has more is first as often as an order of two draws can tell', () => {
    expect(firstOf(revision('a', undefined), revision('b', undefined))[0]).toBeCloseTo(0.5, 1)
    expect(firstOf(revision('a', undefined, than('b')), revision('b', undefined))[0]).toBeGreaterThan(0.97)
  })

  test('two that were read and nearly tie are told apart by an order (closed form of two normals)', () => {
    // Before: the difference of 0.1 has u = √0.5, of which units have 0.1 each; after: only draws with a > b.
    expect(firstOf(revision('a', 5.1), revision('b', 5))[0]).toBeCloseTo(normalShare(0.1 / Math.SQRT1_2), 1)
    expect(firstOf(revision('a', 5.1, than('b')), revision('b', 5))[0]).toBeGreaterThan(0.93)
  })

  test('a difference moves both, each by its share of the doubt', () => {
    const by: Relation = { scale: 'difference', low: 0.99, high: 1.01 }
    const [a, b] = scoresOf(revision('a', 5, than('b', by)), revision('b', 5)).map(mean)
    // Equal doubts: the difference of 1 is met half way, less what units differ by themselves.
    expect(a! - b!).toBeGreaterThan(0.9)
    expect(a! - b!).toBeLessThan(1.02)
    expect((a! + b!) / 2).toBeCloseTo(5, 1)
  })

  test('cells that were said to be near each other are drawn together', () => {
    const near: Relation = { scale: 'difference', low: -0.1, high: 0.1 }
    const [a, b] = scoresOf(revision('a', 5, than('b', near)), revision('b', 5)) as [number[], number[]]
    const apart = a.map((one, at) => Math.abs(one - b[at]!))
    expect(Math.max(...apart)).toBeLessThan(0.8)
    const free = scoresOf(revision('a', 5), revision('b', 5)) as [number[], number[]]
    expect(Math.max(...free[0].map((one, at) => Math.abs(one - free[1][at]!)))).toBeGreaterThan(1.5)
  })

  test('a chain holds together: the first has more than the last', () => {
    const three = [revision('a', undefined, than('b')), revision('b', undefined, than('c')), revision('c', undefined)]
    const chances = firstOf(...three)
    expect(chances[0]).toBeGreaterThan(0.95)
    expect(chances[2]).toBeLessThan(0.01)
  })

  test('what contradicts the readings changes nothing', () => {
    const said = firstOf(revision('a', 2, than('b')), revision('b', 9))
    expect(said).toEqual(firstOf(revision('a', 2), revision('b', 9)))
  })

  test('what was said of one that is not compared, or by another criterion, changes nothing', () => {
    const own = [{ criterion: 'another', other: 'b', relation: more }, ...than('z')]
    expect(firstOf(revision('a', 5, own), revision('b', 5))).toEqual(firstOf(revision('a', 5), revision('b', 5)))
  })
})
