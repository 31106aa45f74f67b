import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { parseQuantity } from './parse.ts'
import { checkPlausible } from './plausible.ts'

const wall = { plausible: [0.00025, 0.0012] as const, name: 'Can wall', units: ['mm', 'in', 'thou'] }

const check = (text: string, unit: string, insist = false) => {
  const parsed = parseQuantity(text, { dimension: 'length', unit, name: 'Can wall', units: wall.units })
  if (!parsed.ok) throw new Error(parsed.problem.message)
  return checkPlausible(parsed.value, wall, insist)
}

describe('a can wall', () => {
  test('0.49 while inches are set asks for 0.49 mm', () => {
    const checked = check('0.49', 'in')
    expect(checked.ok).toBe(false)
    if (checked.ok) return
    expect(checked.problem.suggestions?.map(({ label }) => label)).toEqual(['0.49 mm'])
    expect(checked.problem.message).toMatch(/0\.49 in cannot be a can wall/)
  })

  test('20 while millimetres are set asks for 20 thou', () => {
    const checked = check('20', 'mm')
    expect(checked.ok ? [] : checked.problem.suggestions?.map(({ label }) => label)).toEqual(['20 thou'])
  })

  test('an unusual value is taken on the word of the user, an absurd one never', () => {
    expect(check('1.5', 'mm').ok).toBe(false)
    expect(check('1.5', 'mm', true).ok).toBe(true)
    expect(check('49', 'mm', true).ok).toBe(false)
  })

  test.each([
    ['0', 'zero'],
    ['-0.4', 'negative'],
  ])('%s is refused', (text, code) => {
    const checked = check(text, 'mm', true)
    expect(checked.ok ? '' : checked.problem.code).toBe(code)
  })

  test('every offer would itself be taken', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1e-4, max: 1e4, noNaN: true }),
        fc.constantFrom('mm', 'in', 'thou'),
        (number, unit) => {
          const checked = check(number.toFixed(4), unit)
          if (checked.ok) return
          for (const { text } of checked.problem.suggestions ?? []) expect(check(text, unit).ok).toBe(true)
        },
      ),
    )
  })
})
