import { expect, test } from 'vitest'
import type { Cell } from '#core/compare/cell.ts'
import type { Row } from '#core/compare/lineup.ts'
import { shippedCriterion } from '#core/score/criteria.ts'
import { judgementProblem } from './judgement.ts'
import { scoreDoubt } from './doubt.ts'
import { evaluateRevisions } from './ranking.ts'
import { basis, missing, row } from './rows.fixture.ts'

const measured = { ...basis, evidence: 'measured' as const }
const criteria = ['can-wall', 'plate', 'glue'].map(shippedCriterion)
const context = { id: 'a', fatalFaults: [], misfits: [], attributes: {} }
const doubtOf = (rows: Row[], of = criteria) => {
  const evaluated = evaluateRevisions('spin-on', [context], rows, of)
  return scoreDoubt(judgementProblem(evaluated), 0, evaluated[0]!)
}
const wall: Cell = { state: 'number', value: 0.00046, u: 0.000008, unitShare: 0.75, ...measured }
const plate: Cell = { state: 'number', value: 0.00315, u: 0.00006, unitShare: 0.5, ...measured }

test('shares are those of the budget: weight times slope times uncertainty, squared', () => {
  const shares = doubtOf(
    [row('can.wall', [wall]), row('plate.thickness', [plate])],
    ['can-wall', 'plate'].map(shippedCriterion),
  )
  // By hand: slopes between breakpoints, 3 points over 0.058 mm and 4 over 0.7 mm.
  const parts = [6 * (3 / 0.058) * 0.008, 3 * (4 / 0.7) * 0.06].map((one) => one ** 2)
  const share = parts[0]! / (parts[0]! + parts[1]!)
  const of = (criterion: string, source: string) =>
    shares.find((one) => one.criterion === criterion && one.source === source)?.share
  expect(of('can-wall', 'units')).toBeCloseTo(0.75 * share, 2)
  expect(of('can-wall', 'reading')).toBeCloseTo(0.25 * share, 2)
  expect(of('plate', 'units')).toBeCloseTo(0.5 * (1 - share), 2)
  expect(shares.reduce((sum, one) => sum + one.share, 0)).toBeCloseTo(1, 2)
})

test('what nobody looked at is most of the doubt, and says so', () => {
  const [first] = doubtOf([row('can.wall', [wall]), row('glue.grade', [missing]), row('plate.thickness', [plate])])
  expect(first).toMatchObject({ criterion: 'glue', source: 'open' })
  expect(first!.share).toBeGreaterThan(0.8)
})

test('what goes together counts for more than by itself', () => {
  const shares = doubtOf([])
  expect(shares.map(({ source }) => source)).toEqual(['open', 'open', 'open'])
  expect(shares.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9)
  // All three are even over 0 to 10: without their common part the shares would be as the squares of the weights.
  const glue = shares.find(({ criterion }) => criterion === 'glue')!.share
  expect(glue).toBeLessThan(36 / (36 + 36 + 9))
  const inferred = doubtOf([row('can.wall', [{ ...wall, evidence: 'inferred' }])], [shippedCriterion('can-wall')])
  expect(inferred).toMatchObject([{ source: 'inferred', share: 1 }])
})

test('what is known exactly leaves no doubt', () => {
  expect(doubtOf([row('can.wall', [{ ...wall, u: 0 }])], [shippedCriterion('can-wall')])).toEqual([])
})

test('each kind of doubt is named for what it is', () => {
  const answer: Cell = { state: 'words', text: 'nitrile', answers: ['nitrile'], ...basis }
  const held: Cell = { state: 'number', value: 3, u: 0.29, ...basis }
  const evaluated = evaluateRevisions(
    'spin-on',
    [{ ...context, attributes: { 'claim.efficiency': { low: 0.9, high: 1 } } }],
    [row('adbv.material', [answer]), row('glue.grade', [held])],
    ['adbv-material', 'glue', 'efficiency'].map((key) => ({ ...shippedCriterion(key), weight: 5 })),
  )
  const shares = scoreDoubt(judgementProblem(evaluated), 0, evaluated[0]!)
  expect(Object.fromEntries(shares.map(({ criterion, source }) => [criterion, source]))).toEqual({
    'adbv-material': 'mistaken',
    glue: 'mistaken',
    efficiency: 'claims',
  })
})

test('of the second of two it is its own doubt that is told', () => {
  const rows = [
    row('can.wall', [{ ...wall, u: 0 }, wall]),
    row('plate.thickness', [plate, { ...plate, u: 0 }]),
    row('glue.grade', [missing, { state: 'number', value: 3, u: 0, ...basis }]),
  ]
  const evaluated = evaluateRevisions('spin-on', [context, { ...context, id: 'b' }], rows, criteria)
  const problem = judgementProblem(evaluated)
  const told = evaluated.map((one, at) => [...new Set(scoreDoubt(problem, at, one).map(({ criterion }) => criterion))])
  expect(told).toEqual([['glue', 'plate'], ['can-wall']])
})
