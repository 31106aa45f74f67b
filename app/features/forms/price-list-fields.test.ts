import { describe, expect, test } from 'vitest'
import { readPrices } from '#core/money/read-prices.ts'
import { listedPrice } from './price-list-fields.ts'

const usual = { shop: 'Quay Parts', currency: 'EUR', observedOn: '2026-01-05' }

const listed = (line: string, given = usual) => {
  const [read] = readPrices(line)
  if (!read) throw new Error(`"${line}" names no price`)
  return listedPrice(read, { productId: 'product', revisionId: '' }, given)
}

describe('a price of a list', () => {
  test('is kept with the shop and the currency of the list', () => {
    expect(listed('29.95 for 3, ship 6, free from 50')).toMatchObject({
      ok: true,
      value: {
        shop: 'Quay Parts',
        currency: 'EUR',
        amountMinor: 2995,
        packSize: 3,
        freight: { order: 600, freeFrom: 5000 },
      },
    })
  })

  test.each([
    ['no shop anywhere', '5.00', { ...usual, shop: '' }, 'names no shop'],
    ['a shop of a paragraph', '5.00', { ...usual, shop: 'Quay '.repeat(30) }, 'The shop is too long'],
    ['freight of a ton', '5.00, ship 600', usual, 'That freight is more than fifty packs cost.'],
    ['more decimals than the money has', '5.25', { ...usual, currency: 'JPY' }, 'JPY'],
  ])('is refused with %s', (_, line, given, message) => {
    const refused = listed(line, given)
    expect(refused.ok).toBe(false)
    if (!refused.ok) expect(refused.problem.message).toContain(message)
  })
})
