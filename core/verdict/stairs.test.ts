import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { climb } from './stairs.ts'
import type { Upgrade } from './upgrade.ts'

const worthOf =
  (points: Readonly<Record<string, number>>) =>
  (to: string, from: string): Upgrade => {
    const worth = (points[to] ?? 0) - (points[from] ?? 0)
    return { differences: [], worth, outcome: worth >= 1 ? 'better' : worth <= -1 ? 'worse' : 'nothing' }
  }

describe('the stairs from the cheapest up', () => {
  test('each is set against the last that was worth its price, by hand', () => {
    const between = worthOf({ a: 40, b: 46, c: 45, d: 46.5, e: 60 })
    const offered = ['e', 'c', 'a', 'd', 'b'].map((id) => ({ id, price: { a: 4, b: 6, c: 7, d: 9, e: 15 }[id]! }))
    expect(climb(offered, between).map(({ upgrade: _, ...step }) => step)).toEqual([
      { from: 'a', to: 'b', more: 2, isStep: true, height: 6 },
      { from: 'b', to: 'c', more: 1, isStep: false, height: 5 },
      { from: 'b', to: 'd', more: 3, isStep: false, height: 6.5 },
      { from: 'b', to: 'e', more: 9, isStep: true, height: 20 },
    ])
  })

  test('nothing is dearer than the only one, and nobody climbs nothing', () => {
    expect(climb([{ id: 'a', price: 1 }], worthOf({}))).toEqual([])
    expect(climb([], worthOf({}))).toEqual([])
  })

  test('steps rise in price and in height, whatever is offered', () =>
    fc.assert(
      fc.property(
        fc.array(fc.record({ price: fc.integer({ min: 1, max: 99 }), worth: fc.integer({ min: 0, max: 99 }) }), {
          minLength: 1,
          maxLength: 12,
        }),
        (market) => {
          const points = Object.fromEntries(market.map(({ worth }, at) => [String(at), worth]))
          const all = climb(
            market.map(({ price }, at) => ({ id: String(at), price })),
            worthOf(points),
          )
          const steps = all.filter(({ isStep }) => isStep)
          expect(all).toHaveLength(market.length - 1)
          expect(all.every(({ more }) => more >= 0)).toBe(true)
          steps.slice(1).forEach(({ height, from }, at) => {
            expect(height).toBeGreaterThan(steps[at]!.height)
            expect(from).toBe(steps[at]!.to)
          })
        },
      ),
    ))
})
