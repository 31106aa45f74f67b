import { unit as reference } from 'mathjs'
import { describe, expect, test } from 'vitest'
import { differenceFromSI, fromSI, toSI } from './convert.ts'
import { unitOf } from './units.ts'

describe('against mathjs, a general units library', () => {
  test.each([
    ['in', 'inch', 'm'],
    ['ft', 'foot', 'm'],
    ['µm', 'micrometer', 'm'],
    ['oz', 'ounce', 'kg'],
    ['lb', 'lbm', 'kg'],
    ['psi', 'psi', 'Pa'],
    ['bar', 'bar', 'Pa'],
    ['in²', 'in^2', 'm^2'],
    ['L/min', 'l/min', 'm^3/s'],
    ['gal/min', 'gal/min', 'm^3/s'],
    ['°F', 'degF', 'K'],
    ['°C', 'degC', 'K'],
    ['lbf/in', 'lbf/in', 'N/m'],
    ['g/cm³', 'g/cm^3', 'kg/m^3'],
  ])('one %s', (ours, theirs, base) => {
    const expected = reference(7.25, theirs).toNumber(base)
    expect(toSI(7.25, ours) / expected).toBeCloseTo(1, 5)
  })
})

test('a spread of temperatures has no zero point', () => {
  expect(differenceFromSI(10, '°F')).toBeCloseTo(18, 10)
  expect(fromSI(273.15, '°F')).toBeCloseTo(32, 10)
})

test('an unknown symbol is a fault of the program', () => {
  expect(() => unitOf('cubit')).toThrow('No unit has the symbol "cubit"')
})
