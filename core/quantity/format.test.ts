import { expect, test } from 'vitest'
import { formatCount, formatFixed, formatNumber, formatQuantity, formatUncertain } from './format.ts'

test.each([
  [0.00049, 'mm', undefined, '0.49 mm'],
  [0.508e-3, 'thou', undefined, '20.0 thou'],
  [0.1372, 'in²', undefined, '212.7 in²'],
  [0.47, '%', 0, '47 %'],
  [0.68, '', undefined, '0.68'],
  [-0.0004, 'g', undefined, '−0.4 g'],
  [-0.00001, 'g', undefined, '0.0 g'],
  [12.5, 'kg', 0, '13 kg'],
])('%f in %s', (si, unit, decimals, words) => {
  expect(formatQuantity(si, unit, decimals)).toBe(words)
})

test('an uncertainty is given with two significant digits, and the value with as many decimals', () => {
  expect(formatUncertain(0.000495, 0.00002, 'mm')).toBe('0.495 ± 0.020 mm')
  expect(formatUncertain(0.3114, 0.00061, 'g')).toBe('311.40 ± 0.61 g')
  expect(formatUncertain(0.1, 0.0123, 'cm²')).toBe('1000 ± 123 cm²')
  expect(formatUncertain(0.3, 0, 'g')).toBe('300.0 g')
})

test('plain numbers carry no tail', () => {
  expect(formatNumber(0.30000000000000004)).toBe('0.3')
  expect(formatNumber(0.012345, 3)).toBe('0.0123')
  expect(formatFixed(12345.6, 0)).toBe('12,346')
})

test.each([
  [9999.4, 0, '9999'],
  [10_000, 0, '10,000'],
  [1_234_567, 0, '1,234,567'],
  [-12_345.678, 2, '−12,345.68'],
  [12_345.67891, 5, '12,345.67891'],
  [-0.4, 0, '0'],
])('%f with %i decimals is grouped from ten thousand up, before the point alone', (number, decimals, text) => {
  expect(formatFixed(number, decimals)).toBe(text)
})

test.each([
  [1e-9, '0.000000001'],
  [-2.5e-8, '−0.000000025'],
  [1e20, '100000000000000000000'],
  [100, '100'],
  [-3.5, '−3.5'],
])('%f has no exponent', (number, text) => {
  expect(formatNumber(number)).toBe(text)
})

test.each([
  [1, '1 criterion'],
  [0, '0 criteria'],
  [2, '2 criteria'],
  [12_000, '12,000 criteria'],
])('%i and its noun', (count, text) => {
  expect(formatCount(count, 'criterion', 'criteria')).toBe(text)
})
