import { expect, test } from 'vitest'
import { betaRatio } from './beta.ts'

// Plain arithmetic on the definition in ISO 4548-12.
test.each([
  [0.987, 77],
  [0.99, 100],
  [0.975, 40],
  [0.5, 2],
])('%f is a beta ratio of %i', (efficiency, beta) => {
  expect(Math.round(betaRatio(efficiency))).toBe(beta)
})

test('nothing stops everything', () => {
  expect(() => betaRatio(1)).toThrow(RangeError)
  expect(() => betaRatio(-0.1)).toThrow(RangeError)
  expect(betaRatio(0)).toBe(1)
})
