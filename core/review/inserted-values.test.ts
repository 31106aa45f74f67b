import { describe, expect, test } from 'vitest'
import { insertedNames, insertedValues, saidCell, valueByName } from './inserted-values.ts'
import { reviewedProduct, reviewMaterial } from './review-material.fixture.ts'

describe('a figure by its name', () => {
  test.each([
    ['wall of N-40', '0.51 mm'],
    ['can wall of Norrith N-40', '0.51 mm'],
    ['Wall of the n40', '0.51 mm'],
    ['N-40 wall', '0.51 mm'],
    ['height of M-2', '86.4 mm'],
    ['media area of M-2', '768 cm²'],
    ['price of N-40', '12.90 EUR'],
    ['score of N-40', '72'],
    ['chance of M-2', '16 %'],
    ['specimens of M-2', '1'],
  ])('%s is %s', (name, text) => expect(valueByName(name, reviewMaterial)).toBe(text))

  test.each(['wall', 'wall of X-99', 'nonsense of N-40', 'of N-40', '', ' of ', 'N-40'])('%j is nothing', (name) =>
    expect(valueByName(name, reviewMaterial)).toBeUndefined(),
  )

  test('of two products of one number it is of neither without the brand', () => {
    const products = [
      reviewedProduct({ id: 'a', brand: 'Norrith', partNumber: 'Z-1', specimens: 3 }),
      reviewedProduct({ id: 'b', brand: 'Quarrow', partNumber: 'Z-1', specimens: 4 }),
    ]
    expect(valueByName('specimens of Z-1', { products, rows: [] })).toBeUndefined()
    expect(valueByName('specimens of Quarrow Z-1', { products, rows: [] })).toBe('4')
  })

  test('it says no more than its evidence', () => {
    expect(saidCell({ text: 'nitrile', evidence: 'inferred' })).toBe('nitrile, by the look of it')
    expect(saidCell({ text: '21 g', evidence: 'claimed' })).toBe('21 g, the maker says')
    expect(saidCell({ text: 'rust', evidence: 'reported' })).toBe('rust, from hearsay')
    expect(saidCell({ text: 'not known' })).toBe('not known')
  })
})

test('a figure that has moved since it was looked through says what it was', () => {
  const values = insertedValues('{wall of N-40} and {price of N-40}', reviewMaterial, {
    'wall of N-40': '0.47 mm',
    'price of N-40': '12.90 EUR',
  })
  expect(values).toEqual([
    { name: 'wall of N-40', text: '0.51 mm', was: '0.47 mm' },
    { name: 'price of N-40', text: '12.90 EUR' },
  ])
})

test('names are found once each; braces that hold none are no figure', () => {
  expect(insertedNames('{a of b} {a of b} {} {\n} {{c of d}}')).toEqual(['a of b', 'c of d'])
  expect(insertedValues('{toString of N-40}', reviewMaterial, {})).toEqual([
    { name: 'toString of N-40', text: undefined },
  ])
})
