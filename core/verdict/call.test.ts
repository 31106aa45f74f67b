import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { callOf, formatCall, formatChance, standingOf, type Chance } from './call.ts'

const chances = (...shares: number[]): Chance[] => shares.map((chance, at) => ({ id: 'abcdefgh'[at]!, chance }))
const called = (...shares: number[]) => formatCall(callOf(chances(...shares))!, (id) => id.toUpperCase())

describe('who is first, in words', () => {
  test.each([
    [[0.95, 0.05], 'A wins: first in 95 % of what may be.'],
    [[0.949, 0.051], 'A leads: first in 95 % of what may be.'],
    [[0.2, 0.8], 'B leads: first in 80 % of what may be.'],
    [[0.79, 0.11, 0.1], 'Too close to call between A (79 %) and B (11 %).'],
    [[0.3, 0.3, 0.3, 0.1], 'Too close to call between A (30 %), B (30 %) and C (30 %).'],
    [
      [0.16, 0.16, 0.16, 0.16, 0.16, 0.2],
      'Too close to call between F (20 %), A (16 %), B (16 %) and C (16 %) and more.',
    ],
    [[1], 'A is the only one that is judged.'],
  ])('%o', (shares, said) => expect(called(...shares)).toBe(said))

  test('nobody is called where nobody is judged', () => expect(callOf([])).toBeUndefined())

  test('nothing is ever certain', () => {
    expect([0, 0.004, 0.012, 0.5, 0.995, 1].map(formatChance)).toEqual([
      '< 1 %',
      '< 1 %',
      '1 %',
      '50 %',
      '> 99 %',
      '> 99 %',
    ])
  })

  test('every product is named or behind, the named reach 80 % or are four, and none behind is likelier', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0.001, max: 1, noNaN: true }), { minLength: 2, maxLength: 8 }), (raw) => {
        const sum = raw.reduce((all, one) => all + one, 0)
        const call = callOf(chances(...raw.map((one) => one / sum)))!
        expect(call.named.length + call.behind.length).toBe(raw.length)
        expect(call.chance >= 0.8 - 1e-12 || call.named.length === 4).toBe(true)
        const least = Math.min(...call.named.map(({ chance }) => chance))
        for (const { chance } of call.behind) expect(chance).toBeLessThanOrEqual(least)
        if (call.word === 'close') expect(call.named.length).toBeGreaterThan(1)
        else expect(call.named).toHaveLength(1)
      }),
    )
  })

  test('a product stands by the word, or behind', () => {
    const call = callOf(chances(0.5, 0.4, 0.1))!
    expect(['a', 'b', 'c', 'x'].map((id) => standingOf(call, id))).toEqual(['close', 'close', 'behind', undefined])
  })
})
