import { expect, test } from 'vitest'
import type { Driver } from '#core/money/driver.ts'
import { driverRules, driverWeightFactor } from './driver-rules.ts'
import { effectiveCriteria, shippedMethod } from './effective-criteria.ts'

test('the driver shifts weights by rules that can be read', () => {
  const driver: Driver = {
    id: 'd',
    name: 'd',
    annualDistance: 3e7,
    annualHours: null,
    habit: { distance: 15e6, months: null },
    duty: 'severe',
    climate: 'hot',
    position: 'hanging',
    oilTemperatureMax: 403,
    oil: 'full',
    vehicles: 1,
  }
  const rules = driverRules(driver, [9e6, 15e6])
  expect(rules.map(({ key }) => key)).toEqual(['hanging', 'hot', 'long', 'severe'])
  expect(driverWeightFactor(rules, 'adbv-material')).toBeCloseTo(3.2, 9)
  expect(
    effectiveCriteria(shippedMethod, undefined, rules).find(({ key }) => key === 'adbv-material')!.weight,
  ).toBeCloseTo(5 * 3.2, 9)
  expect(
    driverRules(
      { ...driver, position: 'upright', oilTemperatureMax: null, climate: 'mild', duty: 'normal' },
      [10e6],
    ).map(({ key }) => key),
  ).toEqual(['upright'])
})

const mild: Driver = {
  id: 'd',
  name: 'd',
  annualDistance: 3e7,
  annualHours: null,
  habit: { distance: 15e6, months: null },
  duty: 'normal',
  climate: 'mild',
  position: 'upright',
  oilTemperatureMax: null,
  oil: 'full',
  vehicles: 1,
}

test.each<[string, Partial<Driver>, number[], string[]]>([
  ['upright and mild', {}, [10e6], ['upright']],
  ['sideways', { position: 'sideways' }, [10e6], ['sideways']],
  ['cold', { climate: 'cold' }, [10e6], ['upright', 'cold']],
  ['a hot climate alone', { climate: 'hot' }, [10e6], ['upright', 'hot']],
  ['hot oil alone', { oilTemperatureMax: 395 }, [10e6], ['upright', 'hot']],
  ['oil that is just not hot', { oilTemperatureMax: 394 }, [10e6], ['upright']],
  ['the longest counts: long', {}, [1e6, 15e6], ['upright', 'long']],
  ['just not short', {}, [8e6], ['upright']],
  ['short', {}, [7.9e6, 2e6], ['upright', 'short']],
  ['nothing known of intervals', {}, [], ['upright']],
])('%s', (_, changes, usable, keys) =>
  expect(driverRules({ ...mild, ...changes }, usable).map(({ key }) => key)).toEqual(keys),
)

test('what no rule names keeps its weight', () =>
  expect(driverWeightFactor(driverRules(mild, [10e6]), 'can-wall')).toBe(1))
