import { describe, expect, test } from 'vitest'
import { linkedGroups } from './kin-families.ts'
import { kinLinks, type ToldPair } from './kin-links.ts'
import { kinParts } from './kin-parts.ts'

const pair = (a: string, b: string, shares: Partial<Record<string, number>>, chance = 0.96): ToldPair => ({
  a,
  b,
  finding: { kind: 'family', chance, parts: ['plate'] },
  shared: kinParts.map(({ key }) => shares[key] ?? null),
})
const pairs = [
  pair('x', 'y', { plate: 0.99, bypass: 0.85 }),
  pair('y', 'z', { plate: 0.97, bypass: 0.5 }, 0.98),
  pair('v', 'w', { bypass: 0.96 }),
]

describe('what links filters', () => {
  test('is all that they share, as surely as it is said', () => {
    expect(kinLinks(pairs, undefined).map(({ strength }) => strength)).toEqual([0.96, 0.98, 0.96])
  })

  test('is one part that is likely the same; what is not known links none', () => {
    expect(kinLinks(pairs, 'bypass')).toEqual([
      { a: 'x', b: 'y', strength: 0.85 },
      { a: 'v', b: 'w', strength: 0.96 },
    ])
    expect(kinLinks(pairs, 'media')).toEqual([])
  })

  test('holds groups together, directly or by others, the largest first', () => {
    expect(linkedGroups(kinLinks(pairs, undefined))).toEqual([
      ['x', 'y', 'z'],
      ['v', 'w'],
    ])
    expect(linkedGroups(kinLinks(pairs, 'plate'))).toEqual([['x', 'y', 'z']])
    expect(linkedGroups([])).toEqual([])
  })
})
