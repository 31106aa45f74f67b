import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { toSI } from './convert.ts'
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

describe('words and limits', () => {
  const bounds = { plausible: [0.001, 0.004] as const, name: 'Bypass wire', units: ['mm', 'in'] }
  const of = (number: number, unit = 'mm', insist = false) =>
    checkPlausible({ si: toSI(number, unit), number, unit, unitAssumed: true }, bounds, insist)
  const problemOf = (number: number, unit = 'mm', insist = false) => {
    const checked = of(number, unit, insist)
    return checked.ok ? undefined : checked.problem
  }

  test('both ends of the range are inside it', () => {
    expect([of(1).ok, of(4).ok, of(0.999).ok, of(4.001).ok]).toEqual([true, true, false, false])
  })

  test.each([
    [0.26, 'implausible'],
    [0.24, 'absurd'],
    [15.9, 'implausible'],
    [16.1, 'absurd'],
  ])('%f mm is %s: four times beyond the range no word is enough', (number, code) => {
    expect(problemOf(number)?.code).toBe(code)
    expect(of(number, 'mm', true).ok).toBe(code === 'implausible')
  })

  test('the message names the range in the unit of the user, and what to do', () => {
    expect(problemOf(6)).toEqual({
      code: 'implausible',
      message: '6 mm is unusual for a bypass wire: most run from 1 to 4 mm. Read it again, or keep it as it is.',
    })
    expect(problemOf(40)).toEqual({
      code: 'absurd',
      message: '40 mm cannot be a bypass wire: filters run from 1 to 4 mm.',
    })
    expect(problemOf(0.1)).toEqual({
      code: 'absurd',
      message: '0.1 mm cannot be a bypass wire: filters run from 1 to 4 mm. Did you read 0.1 in?',
      suggestions: [{ text: '0.1 in', label: '0.1 in' }],
    })
    expect(problemOf(0.3, 'cm')?.message).toBeUndefined()
    expect(problemOf(0.6, 'cm')?.message).toBe(
      '0.6 cm is unusual for a bypass wire: most run from 0.1 to 0.4 cm. Read it again, or keep it as it is.',
    )
    expect(problemOf(2, 'in')?.message).toBe(
      '2 in cannot be a bypass wire: filters run from 0.0394 to 0.157 in. Did you read 2 mm?',
    )
  })

  test('below zero and zero have words of their own', () => {
    expect(problemOf(-1)?.message).toBe('Bypass wire cannot be below zero.')
    expect(problemOf(0)?.message).toBe('Zero is no bypass wire. Leave it open if it cannot be measured.')
  })

  describe('a temperature', () => {
    const oil = { plausible: [323.15, 473.15] as const, name: 'Hottest oil', units: ['°C', '°F'] }
    const hot = (number: number, unit: string, insist = false) => {
      const checked = checkPlausible({ si: toSI(number, unit), number, unit, unitAssumed: true }, oil, insist)
      return checked.ok ? 'taken' : checked.problem.code
    }

    test.each([
      [135, '°C', 'taken'],
      [275, '°F', 'taken'],
      [40, '°C', 'implausible'],
      [0, '°C', 'implausible'],
      [-50, '°C', 'implausible'],
      [-101, '°C', 'absurd'],
      [349, '°C', 'implausible'],
      [351, '°C', 'absurd'],
      [0, '°F', 'implausible'],
      [-1, 'K', 'negative'],
      [0, 'K', 'zero'],
    ])('%f %s is %s: its scale has no zero of its own', (number, unit, code) => {
      expect(hot(number, unit)).toBe(code)
      if (code === 'implausible') expect(hot(number, unit, true)).toBe('taken')
      if (code === 'absurd') expect(hot(number, unit, true)).toBe('absurd')
    })
  })
})
