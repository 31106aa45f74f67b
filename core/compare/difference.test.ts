import fc from 'fast-check'
import { expect, test } from 'vitest'
import { areTied, numbersDiffer, type MeasuredValue } from './difference.ts'

const number: fc.Arbitrary<MeasuredValue> = fc.record({
  value: fc.double({ min: 0, max: 20, noNaN: true }),
  u: fc.double({ min: 0, max: 3, noNaN: true }),
  degrees: fc.constantFrom(2, 5, 30, Infinity),
})

/** The part that is owed to an instrument is not larger than the whole. */
const withShared = fc
  .tuple(number, fc.double({ min: -1, max: 1, noNaN: true }))
  .map(([one, share]): MeasuredValue => ({ ...one, shared: { 'instrument:caliper': share * one.u } }))

test('a row differs exactly when two of its numbers are not tied', () =>
  fc.assert(
    fc.property(fc.array(fc.oneof(number, withShared), { maxLength: 8 }), (numbers) => {
      const differ = numbers.some((a, at) => numbers.slice(at + 1).some((b) => !areTied(a, b, numbers.length)))
      expect(numbersDiffer(numbers)).toBe(differ)
    }),
    { numRuns: 500 },
  ))

test('what one instrument was off by cancels: numbers that share all of their doubt differ by a hair', () => {
  const shared = (value: number): MeasuredValue => ({ value, u: 1, shared: { 'instrument:scale': 1 } })
  expect(numbersDiffer([shared(300), shared(301)])).toBe(true)
  expect(
    numbersDiffer([
      { value: 300, u: 1 },
      { value: 301, u: 1 },
    ]),
  ).toBe(false)
})
