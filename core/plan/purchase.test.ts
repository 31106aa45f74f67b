import fc from 'fast-check'
import { expect, test } from 'vitest'
import { purchaseState, purchaseTotals } from './purchase.ts'

test('a purchase is wanted, then ordered, then here', () => {
  expect(purchaseState({ orderedOn: null, arrivedOn: null })).toBe('wanted')
  expect(purchaseState({ orderedOn: '2026-11-20', arrivedOn: null })).toBe('ordered')
  expect(purchaseState({ orderedOn: '2026-11-20', arrivedOn: '2026-11-24' })).toBe('arrived')
  expect(purchaseState({ orderedOn: null, arrivedOn: '2026-11-24' })).toBe('arrived')
})

test('currencies are not mixed, and what has no price is counted, not added as nothing', () => {
  expect(
    purchaseTotals([
      { count: 2, priceMinor: 450, currency: 'EUR' },
      { count: 1, priceMinor: 12900, currency: 'NOK' },
      { count: 3, priceMinor: null, currency: null },
      { count: 1, priceMinor: 100, currency: 'EUR' },
    ]),
  ).toEqual({
    sums: [
      { currency: 'EUR', minor: 1000 },
      { currency: 'NOK', minor: 12900 },
    ],
    unpriced: 3,
  })
  expect(purchaseTotals([])).toEqual({ sums: [], unpriced: 0 })
})

test('the order of the list changes nothing', () => {
  const purchases = fc.array(
    fc.record({
      count: fc.integer({ min: 1, max: 99 }),
      priceMinor: fc.option(fc.integer({ min: 0, max: 99_999 })),
      currency: fc.constantFrom('EUR', 'NOK', 'ISK'),
    }),
  )
  const byCurrency = (sums: { currency: string; minor: number }[]) =>
    new Map(sums.map(({ currency, minor }) => [currency, minor]))
  fc.assert(
    fc.property(purchases, (all) => {
      const [one, other] = [purchaseTotals(all), purchaseTotals([...all].reverse())]
      expect(byCurrency(one.sums)).toEqual(byCurrency(other.sums))
      expect(one.unpriced).toBe(other.unpriced)
    }),
  )
})
