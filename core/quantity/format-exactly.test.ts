import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { formatExactly } from './format-exactly.ts'
import { parseQuantity } from './parse.ts'
import { toSI } from './convert.ts'
import { units } from './units.ts'

describe('text that reads back as the same value', () => {
  test.each([
    [0.00000254, ['mm', 'in'], '0.0001 in'],
    [0.00049, ['mm', 'in'], '0.49 mm'],
    [0.00049, ['in', 'mm'], '0.49 mm'],
    [0.0254, ['mm', 'in'], '1 in'],
    [toSI(15, 'psi'), ['bar', 'psi'], '15 psi'],
    [100_000, ['bar', 'psi', 'kPa'], '1 bar'],
    [toSI(-20, '°C'), ['°C'], '-20 °C'],
    [toSI(-4, '°F'), ['°C', '°F'], '-4 °F'],
    [0, ['g', 'oz'], '0 g'],
    [-0.0002, ['g', 'oz'], '-0.2 g'],
    [1_000_000_000, ['km', 'mi'], '1000000 km'],
    [1e24, ['km'], '1000000000000000000000 km'],
    [3e-10, ['mm'], '0.0000003 mm'],
    [1.25e-9, ['mm'], '0.00000125 mm'],
    [-3e-10, ['mm'], '-0.0000003 mm'],
    [0.68, [''], '0.68'],
  ] as const)('%f in one of %o: %s', (si, symbols, text) => {
    expect(formatExactly(si, symbols as readonly [string, ...string[]])).toBe(text)
  })

  test('of two units with equally many digits the preferred stands', () => {
    expect(formatExactly(0.001, ['mm', 'm'])).toBe('1 mm')
    expect(formatExactly(1, ['kg', 'g'])).toBe('1 kg')
  })

  test('where no unit has the value exactly it is given in SI', () => {
    const si = units
      .flatMap(() => Array.from({ length: 4000 }, (_, index) => (index + 1) * 1.0000000000000002e-7))
      .find((value) => formatExactly(value, ['oz']).endsWith(' kg'))
    expect(si).toBeDefined()
    expect(Number(formatExactly(si!, ['oz']).split(' ')[0])).toBe(si)
  })

  test('an unknown unit is a fault of the program', () => {
    expect(() => formatExactly(1, ['cubit'])).toThrow('No unit has the symbol "cubit"')
  })

  test('whatever was typed in any unit, the text is the very same value', () => {
    const readable = units.filter(({ dimension }) => ['length', 'mass', 'pressure'].includes(dimension))
    fc.assert(
      fc.property(
        fc.constantFrom(...readable),
        fc.integer({ min: 1, max: 999_999 }),
        fc.nat(4),
        (unit, digits, place) => {
          const si = toSI(digits / 10 ** place, unit.symbol)
          const text = formatExactly(si, [unit.symbol])
          const { dimension, symbol } = unit
          const parsed = parseQuantity(text, { dimension, unit: symbol, name: 'It', units: [symbol] })
          expect(parsed).toMatchObject({ ok: true, value: { si } })
        },
      ),
    )
  })
})
