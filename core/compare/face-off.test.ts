import { describe, expect, test } from 'vitest'
import { stepBetween } from '#core/money/steps.ts'
import { readings } from '#core/teardown/readings.fixture.ts'
import { assess } from './assess.ts'
import { faceOff } from './face-off.ts'
import { buildLineup } from './lineup.ts'

const entrant = (id: string, typed: Parameters<typeof readings>[0]) => ({
  id,
  form: 'spin-on' as const,
  specimens: [{ id: `${id}0`, assessment: assess('spin-on', readings(typed, `${id}0`)) }],
})
const rows = buildLineup([
  entrant('a', {
    'can.wall': '0.53 mm',
    'whole.weight': '330 g',
    'adbv.material': 'nitrile',
    'plate.thickness': '3.00 mm',
    'spring.type': 'coil',
    'box.datecode': 'A1',
  }),
  entrant('b', {
    'can.wall': '0.40 mm',
    'whole.weight': '300 g',
    'adbv.material': 'silicone',
    'plate.thickness': '3.01 mm',
    'spring.type': 'coil',
    'box.datecode': 'B2',
    'bypass.place': 'none',
  }),
])
const duel = (key: string) => faceOff(rows, 0, 1).find((one) => one.key === key)

describe('two filters, row by row', () => {
  test.each([
    ['can.wall', 'a'],
    ['adbv.material', 'b'],
    ['plate.thickness', 'tie'],
    ['spring.type', 'tie'],
    ['whole.weight', 'differs'],
    ['glue.grade', 'unknown'],
  ])('%s: %s', (key, verdict) => expect(duel(key)?.verdict).toBe(verdict))

  test('turned round, the winner is the same filter', () => {
    const turned = new Map(faceOff(rows, 1, 0).map((one) => [one.key, one.verdict]))
    for (const { key, verdict } of faceOff(rows, 0, 1))
      expect(turned.get(key)).toBe(({ a: 'b', b: 'a' } as Record<string, string>)[verdict] ?? verdict)
  })

  test('what neither can have is left out', () =>
    expect(faceOff(rows, 0, 1).some(({ key }) => key === 'twist.test')).toBe(false))
})

describe('what a step buys', () => {
  const duels = faceOff(rows, 0, 1)
  const hanging = { key: 'hanging', says: 'It hangs.', factors: { 'adbv-material': 3 } }

  test('real differences alone, each with its worth in points of a hundred, by hand', () => {
    const { bought } = stepBetween(duels, [], 100)
    // Wall 0.53 mm is 9 + 0.022/0.092 points, 0.40 mm is 4 + 3 x 0.019/0.069; weight 6 of 100.
    const wall = 9 + 0.022 / 0.092 - (4 + (3 * 0.019) / 0.069)
    expect(bought.find((one) => one.duel.key === 'can.wall')!.worth).toBeCloseTo(0.6 * wall, 6)
    expect(bought.find((one) => one.duel.key === 'adbv.material')!.worth).toBeCloseTo(-(10 * 5 * 5) / 100, 6)
    expect(bought.some((one) => one.duel.key === 'plate.thickness')).toBe(false)
  })

  test('the driver decides whether it is worth anything, and the rule is said', () => {
    const plain = stepBetween(duels, [], 100)
    const forDriver = stepBetween(duels, [hanging], 100)
    expect(forDriver.worth).toBeLessThan(plain.worth)
    expect(forDriver.verdict).toBe('worse')
    expect(forDriver.bought.find((one) => one.duel.key === 'adbv.material')!.because).toBe('It hangs.')
    expect(stepBetween([], [], 100).verdict).toBe('nothing')
  })
})
