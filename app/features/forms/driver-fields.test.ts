import { describe, expect, test } from 'vitest'
import { driverFields, driverSchema } from './driver-fields.ts'
import { issuesOf } from './issues.fixture.ts'

const driver = {
  id: 'aaaaaaaaaaaa',
  name: 'Ferry taxi',
  annualDistance: '38000 km',
  duty: 'severe',
  climate: 'mild',
  position: 'upright',
  oil: 'full',
}

describe('a driver', () => {
  test('drives one vehicle, by no habit, when nothing else is said', () =>
    expect(driverFields(driverSchema.parse(driver), driver)).toMatchObject({
      annualDistance: 3.8e7,
      habit: { distance: null, months: null },
      annualHours: null,
      vehicles: 1,
      oil: 'full',
      oilTemperatureMax: null,
      rawInput: { annualDistance: '38000 km' },
    }))

  test('changes by the hour where it is said how long the engine runs', () =>
    expect(driverSchema.parse({ ...driver, habit: '250 h', annualHours: '600' })).toMatchObject({
      habit: { hours: 250 },
      annualHours: 600,
    }))

  test.each([
    [{ annualDistance: '' }, { annualDistance: 'Write the distance a year, such as 18000 km.' }],
    [
      { annualDistance: '5 km' },
      { annualDistance: '5 km cannot be the distance a year: it lies between 100 km and 1,000,000 km.' },
    ],
    [{ vehicles: '0' }, { vehicles: 'Vehicles is a whole number from 1 to 100000.' }],
    [
      { habit: '250 h' },
      { annualHours: 'Say how many hours a year the engine runs, so that a change by the hour can be counted.' },
    ],
    [{ annualHours: '9000' }, { annualHours: 'Engine hours a year is a whole number from 1 to 8784.' }],
    [{ duty: 'wild' }, { duty: 'Choose the duty.' }],
    [{ oil: '' }, { oil: 'Choose the oil.' }],
  ])('%j is refused', (fields, expected) => expect(issuesOf(driverSchema, { ...driver, ...fields })).toEqual(expected))
})
