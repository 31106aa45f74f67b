import { describe, expect, test } from 'vitest'
import { findUnit, formatDimension, siSymbolOf, unitOf, units, type Dimension } from './units.ts'

describe('spellings', () => {
  test.each([
    ['mm', 'length', 'mm'],
    ['  MM ', 'length', 'mm'],
    ['Inches', 'length', 'in'],
    ['in.', 'length', 'in'],
    ['"', 'length', 'in'],
    ['thou.', 'length', 'thou'],
    ['grams', 'mass', 'g'],
    ['KPA', 'pressure', 'kPa'],
    ['MPa', 'pressure', 'MPa'],
    ['bar.', 'pressure', 'bar'],
    ['lbf/in^2', 'pressure', 'psi'],
    ['deg   C', 'temperature', '°C'],
    ['square  inches', 'area', 'in²'],
    ['lb/in', 'stiffness', 'lbf/in'],
    ['percent', 'ratio', '%'],
    ['×', 'ratio', ''],
    ['K', 'temperature', 'K'],
    ['μm', 'length', 'µm'],
  ] as const)('"%s" as %s is %s', (spelling, dimension, symbol) => {
    expect(findUnit(spelling, dimension)?.symbol).toBe(symbol)
  })

  test.each(['mpa', 'MPA', 'mPa', 'cubit', 'm.m', 'bar bar', ''])('"%s" is no pressure here', (spelling) => {
    expect(findUnit(spelling, 'pressure')?.dimension).not.toBe('pressure')
  })

  test('a unit of another kind is found, so that it can be named', () => {
    expect(findUnit('g', 'length')?.dimension).toBe('mass')
    expect(findUnit('psi', 'length')?.symbol).toBe('psi')
  })

  test('where two dimensions share a spelling, the one that is asked for is meant', () => {
    const [first, second]: Dimension[] = ['ratio', 'length']
    for (const dimension of [first, second] as Dimension[])
      for (const spelling of units.filter((unit) => unit.dimension === dimension).map(({ symbol }) => symbol))
        expect(findUnit(spelling, dimension)?.dimension).toBe(dimension)
    expect(findUnit('lb/in2', 'pressure')?.symbol).toBe('psi')
  })

  test('every spelling of every unit finds it again', () => {
    for (const { symbol, aliases, dimension } of units)
      for (const spelling of [symbol, ...aliases]) expect(findUnit(spelling, dimension)?.symbol).toBe(symbol)
  })
})

test('factors are the exact definitions (international yard and pound agreement 1959; SI Brochure)', () => {
  expect(unitOf('in').factor).toBe(0.0254)
  expect(unitOf('ft').factor).toBeCloseTo(0.3048, 15)
  expect(unitOf('mi').factor).toBeCloseTo(1609.344, 9)
  expect(unitOf('lb').factor).toBe(0.45359237)
  expect(unitOf('oz').factor * 16).toBe(0.45359237)
  // NIST SP 811, appendix B: 6.894 757 E+03 Pa, 3.785 412 E-03 m³, 1.751 268 E+02 N/m.
  expect(unitOf('psi').factor).toBeCloseTo(6894.757, 3)
  expect(unitOf('gal/min').factor * 60).toBeCloseTo(0.003785412, 9)
  expect(unitOf('lbf/in').factor).toBeCloseTo(175.1268, 4)
})

test('each dimension has its SI unit first, with factor one and no offset, and a name with its article', () => {
  for (const dimension of new Set(units.map((unit) => unit.dimension))) {
    const { factor, offset } = unitOf(siSymbolOf(dimension))
    expect([factor, offset], dimension).toEqual([1, undefined])
    expect(formatDimension(dimension), dimension).toMatch(/^an? [a-z]/)
  }
})

test('a symbol or a dimension that is not there is a fault of the program', () => {
  expect(() => unitOf('cubit')).toThrow('No unit has the symbol "cubit"')
  expect(() => siSymbolOf('luck' as Dimension)).toThrow('No unit has the dimension "luck"')
})
