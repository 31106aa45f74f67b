import { describe, expect, test } from 'vitest'
import { faceOff } from '#core/compare/face-off.ts'
import { buildLineup } from '#core/compare/lineup.ts'
import { assess } from '#core/figures/assess.ts'
import { shippedCriterion } from '#core/score/criteria.ts'
import { cellPointsBy } from '#core/score/row-judgement.ts'
import { readings } from '#core/teardown/readings.fixture.ts'
import { upgradeBetween } from './upgrade.ts'

const column = (id: string, typed: Parameters<typeof readings>[0]) => ({
  id,
  form: 'spin-on' as const,
  specimens: [{ id: `${id}0`, assessment: assess('spin-on', readings(typed, `${id}0`)) }],
})
const rows = buildLineup(
  [
    column('a', { 'can.wall': '0.53 mm', 'adbv.material': 'nitrile', 'plate.thickness': '3.00 mm' }),
    column('b', { 'can.wall': '0.40 mm', 'adbv.material': 'silicone', 'plate.thickness': '3.01 mm' }),
  ],
  () => undefined,
)
const [wall, valve, plate] = ['can-wall', 'adbv-material', 'plate'].map(shippedCriterion)
const criteria = [wall!, valve!, plate!]
const comparisons = faceOff(rows, 0, 1, cellPointsBy(criteria))
const hanging = { key: 'hanging', statement: 'It hangs.', factors: { 'adbv-material': 3 } }
const differenceOf = (upgrade: ReturnType<typeof upgradeBetween>, key: string) =>
  upgrade.differences.find(({ comparison }) => comparison.key === key)

describe('what the step to a dearer one buys', () => {
  test('real differences alone, each with its worth in points of a hundred, by hand', () => {
    const upgrade = upgradeBetween(comparisons, criteria, [])
    // Wall 0.53 mm is 8.5 + 1.5 x 0.022/0.092 points, 0.40 mm is 1.5 + 4 x 0.019/0.069.
    const points = 8.5 + (1.5 * 0.022) / 0.092 - (1.5 + (4 * 0.019) / 0.069)
    const total = criteria.reduce((sum, { weight }) => sum + weight, 0)
    expect(differenceOf(upgrade, 'can.wall')?.worth).toBeCloseTo((10 * points * wall!.weight) / total, 6)
    expect(differenceOf(upgrade, 'adbv.material')?.worth).toBeCloseTo((-10 * 6 * valve!.weight) / total, 6)
    expect(differenceOf(upgrade, 'plate.thickness')).toBeUndefined()
  })

  test('the driver decides whether it is worth anything, and the rule is said', () => {
    const plain = upgradeBetween(comparisons, criteria, [])
    const forDriver = upgradeBetween(comparisons, criteria, [hanging])
    expect(forDriver.worth).toBeLessThan(plain.worth)
    expect(forDriver.outcome).toBe('worse')
    expect(differenceOf(forDriver, 'adbv.material')).toMatchObject({ factor: 3, reason: 'It hangs.', better: false })
    expect(differenceOf(plain, 'adbv.material')?.reason).toBeUndefined()
  })

  test('nothing that differs is nothing bought', () =>
    expect(upgradeBetween([], criteria, [])).toEqual({ differences: [], worth: 0, outcome: 'nothing' }))

  test('most worth comes first', () => {
    const worths = upgradeBetween(comparisons, criteria, []).differences.map(({ worth }) => worth)
    expect(worths).toEqual([...worths].sort((a, b) => b - a))
    expect(worths).toHaveLength(2)
  })
})
