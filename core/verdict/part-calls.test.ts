import fc from 'fast-check'
import { expect, test } from 'vitest'
import { calledParts, computedCall, formatPartCall, sumOfCalls, type PartCall } from './part-calls.ts'

const names = { a: 'N-40', b: 'M-2' }

test('points become a tie, a slight edge or a clear one, the same on either side', () => {
  expect([0, 0.1, 0.2, 1.9, 2, 9].map(computedCall)).toEqual([0, 0, 1, 1, 2, 2])
  fc.assert(
    fc.property(fc.double({ min: 0.01, max: 50, noNaN: true }), (gain) => {
      expect(computedCall(-gain) + computedCall(gain)).toBe(0)
    }),
  )
})

test('the sum of calls turns round with the two', () => {
  const call = fc.constantFrom<PartCall>(-2, -1, 0, 1, 2)
  fc.assert(
    fc.property(fc.array(call), (calls) => {
      const [own, turned] = [sumOfCalls(calls), sumOfCalls(calls.map((one) => (0 - one) as PartCall))]
      expect([turned.a, turned.b, turned.ties]).toEqual([own.b, own.a, own.ties])
      expect(turned.pick).toBe(own.pick && (own.pick === 'a' ? 'b' : 'a'))
    }),
  )
  expect(sumOfCalls([2, -1, -1]).pick).toBeUndefined()
})

test('parts that were called and parts with points stand together', () => {
  const parts = [{ group: 'can' as const, label: 'Can', gain: 3 }]
  expect(calledParts(parts, new Map([['glue' as 'caps', -1]]), (group) => group)).toEqual([
    { group: 'can', label: 'can', own: undefined, computed: 2 },
    { group: 'glue', label: 'glue', own: -1, computed: 0 },
  ])
})

test('is said in words', () => {
  expect([-2, -1, 0, 1, 2].map((call) => formatPartCall(call as PartCall, names))).toEqual([
    'clearly M-2',
    'slight edge to M-2',
    'a tie',
    'slight edge to N-40',
    'clearly N-40',
  ])
})
