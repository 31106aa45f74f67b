import { describe, expect, test } from 'vitest'
import { characteristicOf } from '#core/catalogue/index.ts'
import { displayUnit, formatValue, formatValueNumber, formatValueWithUncertainty } from './format-value.ts'
import { figureOf } from './index.ts'

describe('words for values', () => {
  test.each([
    ['can.wall', 0.00049, 'metric', '0.49 mm'],
    ['can.wall', 0.000508, 'imperial', '0.020 in'],
    ['thread.turns', 4.5, 'metric', '4½'],
    ['glue.grade', 3, 'metric', '3 of 4'],
    ['media.length', 1.2, 'metric', '1200 mm'],
  ] as const)('%s', (key, number, system, words) => {
    expect(formatValueNumber(characteristicOf(key), number, system)).toBe(words)
  })

  test('answers by their label, holes by their groups, figures in their unit', () => {
    expect(formatValue(characteristicOf('adbv.material'), { text: 'silicone' }, 'metric')).toBe('Silicone')
    expect(formatValue(characteristicOf('plate.inlets'), { groups: [{ count: 6, width: 0.0061 }] }, 'metric')).toBe(
      '6 × 6.1 mm',
    )
    expect(formatValueWithUncertainty(figureOf('media.area'), 0.1, 0.002, 'imperial')).toBe('155.0 ± 3.1 in²')
    expect(formatValueWithUncertainty(figureOf('can.gauge'), 26, 0, 'metric')).toBe('26')
  })
})

test.each([
  ['can.wall', 'metric', 'mm'],
  ['can.wall', 'imperial', 'in'],
  ['media.length', 'metric', 'mm'],
  ['adbv.material', 'metric', ''],
] as const)('%s is shown in its %s unit', (key, system, unit) =>
  expect(displayUnit(characteristicOf(key), system)).toBe(unit),
)

describe('units by kind', () => {
  const habit = { small: 'thou', long: 'in', weight: 'g', pressure: 'bar', distance: 'mi', rest: 'imperial' } as const
  test.each([
    ['can.wall', 'thou'],
    ['gasket.thickness', 'thou'],
    ['can.height', 'in'],
    ['media.length', 'in'],
    ['whole.weight', 'g'],
    ['bypass.printed', 'bar'],
    ['plate.inlets', 'thou'],
    ['pleats.count', ''],
  ])('%s is shown in "%s"', (key, unit) => {
    expect(displayUnit(characteristicOf(key), habit)).toBe(unit)
  })

  test('what is of no kind follows the rest, and a system is as it was', () => {
    expect(displayUnit(figureOf('media.area'), habit)).toBe('in²')
    expect(displayUnit(figureOf('media.area'), { ...habit, rest: 'metric' })).toBe('cm²')
    expect(displayUnit(characteristicOf('can.wall'), 'imperial')).toBe('in')
    expect(formatValue(characteristicOf('can.wall'), { number: 0.000508 }, habit)).toBe('20.0 thou')
  })
})
