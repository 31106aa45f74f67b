import { expect, test } from 'vitest'
import { cheaperNames } from './same-build-price.ts'

const finding = (kind: 'build' | 'family') => ({ kind, chance: 0.97, parts: [] })
const prices: Record<string, number> = { x: 12, y: 8, z: 7 }
const priceOf = (id: string) => prices[id]

test('each dear name is set beside the cheapest of its build', () => {
  const pairs = [
    { a: 'x', b: 'y', finding: finding('build') },
    { a: 'z', b: 'x', finding: finding('build') },
    { a: 'y', b: 'z', finding: finding('build') },
  ]
  expect(cheaperNames(pairs, priceOf)).toEqual([
    { dear: 'x', cheap: 'z', less: 5 },
    { dear: 'y', cheap: 'z', less: 1 },
  ])
})

test('nothing is said of a family, of the same price, or without one', () => {
  expect(cheaperNames([{ a: 'x', b: 'y', finding: finding('family') }], priceOf)).toEqual([])
  expect(cheaperNames([{ a: 'x', b: 'y', finding: finding('build') }], () => 5)).toEqual([])
  expect(cheaperNames([{ a: 'x', b: 'nobody', finding: finding('build') }], priceOf)).toEqual([])
})
