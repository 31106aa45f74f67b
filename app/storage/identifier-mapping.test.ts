import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { camelCase, snakeCase } from './identifier-mapping.ts'

describe('names of columns', () => {
  test.each([
    ['specimenId', 'specimen_id'],
    ['oilTemperatureMin', 'oil_temperature_min'],
    ['id', 'id'],
  ])('%s is %s in the database', (name, column) => {
    expect(snakeCase(name)).toBe(column)
    expect(camelCase(column)).toBe(name)
  })

  test('a name comes back, whatever its words', () =>
    fc.assert(
      fc.property(fc.array(fc.stringMatching(/^[a-z]+$/), { minLength: 1, maxLength: 4 }), ([first, ...more]) => {
        const name = (first ?? '') + more.map((word) => word.slice(0, 1).toUpperCase() + word.slice(1)).join('')
        expect(camelCase(snakeCase(name))).toBe(name)
      }),
    ))
})
