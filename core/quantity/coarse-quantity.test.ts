import { describe, expect, test } from 'vitest'
import { parseCoarse, type CoarseField } from './coarse-quantity.ts'
import { readAmount } from './said-amount.ts'

const wall: CoarseField = {
  dimension: 'length',
  units: ['mm', 'in', 'thou'],
  plausible: [0.00025, 0.0012],
  typical: [0.00036, 0.0006],
  name: 'Can wall',
}
const count: CoarseField = { ...wall, dimension: undefined, units: [], plausible: [20, 120], typical: [40, 70] }
const read = (text: string, field = wall) => {
  const parsed = parseCoarse(text, field)
  return parsed.ok ? parsed.value : parsed.problem
}

describe('the unit of a rough amount', () => {
  test('is that which was said, else that of the field, else the only one that fits', () => {
    expect(read('about 20 thou')).toMatchObject({ unit: 'thou', unitFrom: 'said' })
    expect(read('about 0.5')).toMatchObject({ unit: 'mm', unitFrom: 'field' })
    expect(read('about 0.02')).toMatchObject({ unit: 'in', unitFrom: 'range' })
  })

  test('is the usual one where two are possible, and asked for where both are usual', () => {
    const length: CoarseField = { ...wall, units: ['mm', 'cm', 'in'], plausible: [0.4, 5], typical: [0.79, 1.52] }
    expect(read('about 48', length)).toMatchObject({ unit: 'in' })
    const both = { ...length, typical: [0.4, 5] as const }
    expect(read('about 48', both)).toMatchObject({
      code: 'which-unit',
      suggestions: [{ text: 'about 48 cm' }, { text: 'about 48 in' }],
    })
  })

  test('is offered where none of the usual fits, and refused where none does at all', () => {
    expect(read('about 0.05', { ...wall, units: ['mm'] })).toMatchObject({
      code: 'which-unit',
      suggestions: [{ text: 'about 0.05 cm' }],
    })
    expect(read('about 900')).toMatchObject({ code: 'which-unit' })
    expect(read('about 1e')).toMatchObject({ code: 'not-an-amount' })
    expect(read('12 gauge or 99 gauge')).toMatchObject({ code: 'gauge' })
  })
})

describe('a side that was left open', () => {
  test('ends where the usual does', () => {
    expect(read('at most 0.5 mm')).toMatchObject({ value: 0.00043, half: 0.00007 })
    expect(read('at least 0.5 mm')).toMatchObject({ value: 0.00055, half: 0.00005 })
  })

  test('of a count at a whole number, a little beyond the usual where that is passed', () => {
    expect(read('more than 60', count)).toMatchObject({ value: 65.5, half: 4.5 })
    expect(read('at least 80', count)).toMatchObject({ value: 86, half: 6 })
    expect(read('at most 50', count)).toMatchObject({ value: 45, half: 5 })
  })
})

describe('an amount', () => {
  test.each([
    ['27 thou thick', { number: 27, step: 1, significant: 2, unit: 'thou' }],
    ['2.40 m', { number: 2.4, step: 0.01, significant: 3, unit: 'm' }],
    ['300', { number: 300, significant: 1, unit: undefined }],
    ['37 1/2 inches', { number: 37.5, step: 0.5, isFraction: true, unit: 'in' }],
    ['28 ga', { number: 28, unit: 'gauge' }],
    ['18,000ths', { number: 18, unit: 'thou' }],
    ['24 with its mesh', { number: 24 }],
    ['1 336 mm', { number: 1336, unit: 'mm' }],
  ])('%s', (said, amount) => {
    expect(readAmount(said, 'length')).toMatchObject(amount)
  })

  test.each(['12 g', 'wide', '3 4 mm 5', '20 mil', ''])('"%s" is none of a length', (said) => {
    expect(readAmount(said, 'length')).toBeUndefined()
  })
})
