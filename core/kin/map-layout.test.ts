import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { layMap, type MapPlace } from './map-layout.ts'

const apart = (places: ReadonlyMap<string, MapPlace>, a: string, b: string): number => {
  const [p, q] = [places.get(a)!, places.get(b)!]
  return Math.hypot(p.x - q.x, p.y - q.y)
}
const ids = ['a', 'b', 'c', 'd', 'e', 'f']
const link = (a: string, b: string, strength = 1) => ({ a, b, strength })

describe('a map', () => {
  test('has those that share a part closer than those that do not', () => {
    const places = layMap(ids, [link('a', 'b'), link('b', 'c'), link('d', 'e')])
    for (const near of [apart(places, 'a', 'b'), apart(places, 'b', 'c'), apart(places, 'd', 'e')])
      for (const far of [apart(places, 'a', 'd'), apart(places, 'c', 'e'), apart(places, 'a', 'f')])
        expect(near).toBeLessThan(far)
  })

  test('is always laid out alike', () => {
    expect(layMap(ids, [link('a', 'b')])).toEqual(layMap(ids, [link('a', 'b')]))
  })

  test('stays about where it was when one more comes in', () => {
    const before = layMap(ids, [link('a', 'b'), link('b', 'c'), link('d', 'e')])
    const after = layMap([...ids, 'g'], [link('a', 'b'), link('b', 'c'), link('d', 'e'), link('e', 'g')], before)
    for (const id of ids) {
      const [p, q] = [before.get(id)!, after.get(id)!]
      expect(Math.hypot(p.x - q.x, p.y - q.y)).toBeLessThan(40)
    }
    expect(apart(after, 'e', 'g')).toBeLessThan(apart(after, 'a', 'g'))
  })

  test('has a place for each, no two on one, whatever is linked', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.constantFrom(...ids), fc.constantFrom(...ids)), { maxLength: 12 }), (pairs) => {
        const places = layMap(
          ids,
          pairs.filter(([a, b]) => a !== b).map(([a, b]) => link(a, b)),
        )
        expect([...places.keys()]).toEqual(ids)
        for (const [at, a] of ids.entries())
          for (const b of ids.slice(at + 1)) expect(apart(places, a, b)).toBeGreaterThan(10)
      }),
      { numRuns: 30 },
    )
  })
})
