import { expect, test } from 'vitest'
import type { Driver } from '#core/money/driver.ts'
import { driverRules, driverWeightFactor } from './driver-rules.ts'
import { effectiveCriteria, shippedMethod } from './effective-criteria.ts'

test('the driver shifts weights by rules that can be read', () => {
  const driver: Driver = {
    id: 'd',
    name: 'd',
    annualDistance: 3e7,
    habit: { distance: 15e6, months: null },
    duty: 'severe',
    climate: 'hot',
    position: 'hanging',
    oilTemperatureMax: 403,
    meetsOil: true,
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
