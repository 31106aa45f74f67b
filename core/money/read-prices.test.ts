import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { productIn } from '#core/named-product.ts'
import { readPriceList, readPrices, type ReadPrice } from './read-prices.ts'

const one = (line: string) => readPrices(line)[0]!

// Wordings of counters and pages; common practice, no published source.
describe('prices as they are said', () => {
  test.each<[string, Partial<ReadPrice>]>([
    ['5.49', { amount: 5.49, packSize: 1, freight: 0 }],
    ['five forty-nine', { amount: 5.49 }],
    ['8,99', { amount: 8.99 }],
    ['1,250', { amount: 1250 }],
    ['€8.99', { amount: 8.99, currency: 'EUR' }],
    ['12 USD at Quay Parts', { amount: 12, currency: 'USD', shop: 'Quay Parts' }],
    ['14.25 from Harbour & Sons, free shipping', { amount: 14.25, shop: 'Harbour & Sons', freight: 0 }],
    ['around 18 shipped', { amount: 18, freight: 0, doubt: 'it was said roughly and is kept as it stands' }],
    ['3 for 20', { amount: 20, packSize: 3 }],
    ['box of 12 for 80, free from 50, shipping 6.90', { amount: 80, packSize: 12, freight: 6.9, freeFrom: 50 }],
    ['29.95 for 3, ship 6', { amount: 29.95, packSize: 3, freight: 6 }],
    ['29.95 for a three-pack', { amount: 29.95, packSize: 3 }],
    ['18.50 the pair at Quay Parts', { amount: 18.5, packSize: 2, shop: 'Quay Parts' }],
    ['40 for 5', { amount: 40, packSize: 5 }],
    ['pair 19.90', { amount: 19.9, packSize: 2 }],
    ['9.90, 10 % off by subscription', { amount: 9.9, subscription: 0.1 }],
    ['12.50, two less by subscription', { amount: 12.5, subscription: 0.16 }],
  ])('%s', (line, price) => expect(one(line)).toMatchObject(price))

  test('a dollar sign names no currency, since it is of many countries', () =>
    expect(one('$14.25').currency).toBeUndefined())

  test('shop and freight hold for the single one and the pack', () =>
    expect(readPrices('11.97 at Quay Parts, 3-pack 29.95, ship 6')).toMatchObject([
      { amount: 29.95, packSize: 3, shop: 'Quay Parts', freight: 6 },
      { amount: 11.97, packSize: 1, shop: 'Quay Parts', freight: 6 },
    ]))

  test.each(['', 'nothing', 'at Quay Parts', 'free'])('%j has no price', (line) => expect(readPrices(line)).toEqual([]))

  test('no line is too odd, and no amount is nought or below', () => {
    fc.assert(
      fc.property(fc.string(), (line) => {
        for (const { amount, subscription } of readPrices(line)) {
          expect(amount).toBeGreaterThan(0)
          expect(subscription).toBeLessThanOrEqual(0.9)
        }
      }),
    )
  })
})

describe('a list of a whole line-up', () => {
  const products = [
    { id: 'n', brand: 'Norrith', partNumber: 'N-40' },
    { id: 'l', brand: 'Norrith', partNumber: 'N-401' },
    { id: 'c', brand: 'Corvane', partNumber: 'CV-214' },
    { id: 'm', brand: 'Merribank', partNumber: '16' },
    { id: 'q', brand: 'Quarrow', partNumber: '16' },
  ]
  const ids = (text: string) =>
    readPriceList(text, products).map(({ product, prices }) => [product?.id, prices[0]?.amount])

  test('products are known by part number, however it is spelt; the figures of the number are no price', () =>
    expect(ids('Norrith N-40   12.50\nCV 214\t9.90 at Quay\nn401: 3 for 30\nnothing of ours 5')).toEqual([
      ['n', 12.5],
      ['c', 9.9],
      ['l', 30],
      [undefined, undefined],
    ]))

  test('of one product every line is its own, whether it is named there or not', () => {
    const own = readPriceList('CV 214 9.90\n7.50 at Quay', products, products[2]).map(({ product, prices }) => [
      product?.id,
      prices[0]?.amount,
    ])
    expect(own).toEqual([
      ['c', 9.9],
      ['c', 7.5],
    ])
  })

  test('a part number without letters or figures is in no line', () =>
    expect(readPriceList('9.90', [{ id: 'x', brand: 'Brae', partNumber: '--' }])[0]?.product).toBeUndefined())

  test('where two share a number the brand tells them apart, and none is guessed', () =>
    expect(ids('Quarrow 16 7.50\n16 7.50')).toEqual([
      ['q', 7.5],
      [undefined, undefined],
    ]))
})

test('a line that names a revision is of that one; a short figure is no revision', () => {
  const revisions = [
    { id: 'r22', label: '2022' },
    { id: 'blue', label: '2022 blue box' },
    { id: 'r2', label: '2' },
  ]
  const products = [{ id: 'n', brand: 'Norrith', partNumber: 'N-40', revisions }]
  const read = (line: string) =>
    readPriceList(line, products).map(({ revision, prices }) => [revision?.id, prices[0]?.amount])[0]
  expect(read('N-40 2022 11.97')).toEqual(['r22', 11.97])
  expect(read('N-40, 2022 Blue-Box: 9.50 at Quay')).toEqual(['blue', 9.5])
  expect(read('N-40 11.97')).toEqual([undefined, 11.97])
  expect(read('N-40 2 for 20')).toEqual([undefined, 20])
})

test('a product is known by its short name as well', () => {
  const products = [
    { id: 'n', brand: 'Norrith', partNumber: 'N-40', nickname: 'the blue one' },
    { id: 'm', brand: 'Merribank', partNumber: 'MB-2', nickname: '' },
  ]
  const [line] = readPriceList('the blue one 11.97', products)
  expect([line?.product?.id, line?.prices[0]?.amount]).toEqual(['n', 11.97])
  expect(productIn('MB-2 new', products)?.id).toBe('m')
})
