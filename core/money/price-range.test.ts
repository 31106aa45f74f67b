import { expect, test } from 'vitest'
import type { Price } from './landed.ts'
import { priceRange } from './price-range.ts'

const price = (of: Partial<Price>): Price => ({
  ...{ id: 'a', productId: 'n', shop: 'Quay Store', currency: 'EUR', amountMinor: 1200, packSize: 1 },
  ...{ subscription: 0, freight: { order: 0, pack: 0, least: 0, freeFrom: null }, extras: '', extrasMinor: 0 },
  ...{ observedOn: '2026-11-20', ...of },
})

test('what shops ask for one: the latest of each, by the piece, in the currency of most', () => {
  const prices = [
    price({ id: 'a', observedOn: '2026-11-01', amountMinor: 9900 }),
    price({ id: 'b', amountMinor: 1200 }),
    price({ id: 'c', shop: 'Ferry Road', amountMinor: 3000, packSize: 3 }),
    price({ id: 'd', shop: 'Far Away', currency: 'USD', amountMinor: 100 }),
  ]
  expect(priceRange(prices, '2026-11-27')).toEqual({ currency: 'EUR', low: 10, high: 12, count: 2 })
})

test('stale prices count for nothing', () => {
  expect(priceRange([price({ observedOn: '2025-01-01' })], '2026-11-27')).toBeUndefined()
})
