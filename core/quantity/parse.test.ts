import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { fromSI, toSI } from './convert.ts'
import { parseQuantity, type ExpectedQuantity } from './parse.ts'
import { units } from './units.ts'

const length: ExpectedQuantity = { dimension: 'length', unit: 'mm', name: 'Media length', units: ['mm', 'in', 'thou'] }
const inches: ExpectedQuantity = { ...length, unit: 'in' }
const weight: ExpectedQuantity = { dimension: 'mass', unit: 'g', name: 'Whole weight', units: ['g', 'oz'] }
const pressure: ExpectedQuantity = {
  dimension: 'pressure',
  unit: 'psi',
  name: 'Bypass pressure',
  units: ['psi', 'bar'],
}

const si = (text: string, expected: ExpectedQuantity): number => {
  const parsed = parseQuantity(text, expected)
  if (!parsed.ok) throw new Error(parsed.problem.message)
  return parsed.value.si
}
const problemOf = (text: string, expected: ExpectedQuantity) => {
  const parsed = parseQuantity(text, expected)
  if (parsed.ok) throw new Error(`"${text}" was taken as ${parsed.value.si}`)
  return parsed.problem
}

describe('shop notation', () => {
  test.each([
    ['0.020 in', length, 0.000508],
    ['.020"', length, 0.000508],
    ['20 thou', length, 0.000508],
    ['56 1/4 in', length, 1.42875],
    ['56-1/4"', length, 1.42875],
    ['5 1/8', inches, 0.130175],
    ['1/8', inches, 0.003175],
    ['4½ in', length, 0.1143],
    ['2.6 m', length, 2.6],
    ['92 mm', length, 0.092],
    ['92mm', length, 0.092],
    ['0,49', length, 0.00049],
    ['0,49 mm', length, 0.00049],
    ['+000.49', length, 0.00049],
    ['0.5”', length, 0.0127],
    ['3 feet', length, 0.9144],
    ['302 g', weight, 0.302],
    ['10.6 oz', weight, 0.30050494],
    ['302', weight, 0.302],
    ['1 336 g', weight, 1.336],
    ['15 psi', pressure, 103421.36],
    ['1 bar', pressure, 100000],
  ] as const)('reads %s', (text, expected, value) => {
    expect(si(text, expected)).toBeCloseTo(value, 2 - Math.floor(Math.log10(value)) + 4)
  })

  test('keeps the unit and whether one was typed', () => {
    expect(parseQuantity('20 thou', length)).toMatchObject({
      ok: true,
      value: { unit: 'thou', number: 20, unitAssumed: false },
    })
    expect(parseQuantity('20', length)).toMatchObject({ ok: true, value: { unit: 'mm', unitAssumed: true } })
  })

  test('asks about mil, which means two things', () => {
    const problem = problemOf('20 mil', length)
    expect(problem.message).toMatch(/20 thou or 20 millimetres\?/)
    expect(problem.suggestions?.map(({ text }) => text)).toEqual(['20 thou', '20 mm'])
    expect(problemOf('20 mils', length).code).toBe('ambiguous-unit')
  })

  test('asks about a comma that may be decimal or a thousands mark', () => {
    expect(problemOf('1,336 g', weight).suggestions?.map(({ text }) => text)).toEqual(['1.336 g', '1336 g'])
    expect(si('0,336 g', weight)).toBeCloseTo(0.000336, 9)
  })

  test.each([
    ['', 'empty'],
    ['abc', 'not-a-number'],
    ['12 x', 'wrong-kind'],
    ['12 furlongs', 'unknown-unit'],
    ['302 g', 'wrong-kind'],
    ['1..2', 'not-a-number'],
    ['1/0', 'zero-division'],
    ['1e9', 'unknown-unit'],
    ['NaN', 'not-a-number'],
    ['Infinity', 'not-a-number'],
    ['9'.repeat(80), 'too-long'],
    ['<script>', 'not-a-number'],
  ])('refuses %j with the code %s', (text, code) => {
    const problem = problemOf(text, length)
    expect(problem.code).toBe(code)
    expect(problem.message.length).toBeGreaterThan(10)
  })

  test('names both kinds when a unit of another kind is typed', () => {
    expect(problemOf('302 g', length).message).toMatch(/g is a weight; media length is a length/)
  })
})

describe('laws', () => {
  const unit = fc.constantFrom(...units)

  test('conversion there and back changes nothing', () => {
    fc.assert(
      fc.property(unit, fc.double({ min: 1e-3, max: 1e5, noNaN: true }), ({ symbol }, number) => {
        expect(fromSI(toSI(number, symbol), symbol)).toBeCloseTo(number, 6)
      }),
    )
  })

  test('a decimal typed with a unit of the field is that many of the unit', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('mm', 'in', 'thou', 'm', 'cm', 'ft'),
        fc.integer({ min: 1, max: 99_999 }),
        (symbol, hundredths) => {
          const text = `${(hundredths / 100).toFixed(2)} ${symbol}`
          expect(si(text, length)).toBeCloseTo(toSI(hundredths / 100, symbol), 10)
        },
      ),
    )
  })

  test('no text at all makes it throw', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 80 }), (text) => {
        const parsed = parseQuantity(text, length)
        if (parsed.ok) expect(Number.isFinite(parsed.value.si)).toBe(true)
        else expect(parsed.problem.message).not.toBe('')
      }),
    )
  })
})
