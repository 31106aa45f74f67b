import { describe, expect, test } from 'vitest'
import { issuesOf } from './issues.fixture.ts'
import { priceSchema, rateSchema } from './price-fields.ts'

const price = { id: 'aaaaaaaaaaaa', shop: 'Harbour Parts', observedOn: '2026-10-14', amount: '13.90', currency: 'EUR' }

describe('a price', () => {
  test('is kept in the smallest unit of its currency, freight and extras too', () => {
    const fields = { ...price, order: '4.90', freeFrom: '49', extras: 'a ring', extrasWorth: '0.50', packSize: '2' }
    expect(priceSchema.parse({ ...fields, subscription: '5 %' })).toMatchObject({
      amountMinor: 1390,
      packSize: 2,
      subscription: 0.05,
      freight: { order: 490, pack: 0, least: 0, freeFrom: 4900 },
      extrasMinor: 50,
    })
    expect(priceSchema.parse({ ...price, amount: '1390', currency: 'JPY', order: '500' })).toMatchObject({
      amountMinor: 1390,
      freight: { order: 500 },
    })
  })

  test('of one filter, without freight or discount, when nothing else is said', () =>
    expect(priceSchema.parse(price)).toMatchObject({ packSize: 1, subscription: 0, extras: '', extrasMinor: 0 }))

  test.each([
    [{ amount: '' }, { amount: 'Write the price.' }],
    [{ currency: '' }, { currency: 'A price needs its currency.' }],
    [{ amount: '13.90', currency: 'ISK' }, { amount: 'ISK has no decimals: write a whole number.' }],
    [{ subscription: '95' }, { subscription: 'The discount is a percentage from 0 to 90.' }],
    [{ packSize: '2.5' }, { packSize: 'Filters in a pack is a whole number from 1 to 1000.' }],
    [{ order: '900' }, { order: 'That freight is more than fifty packs cost. Read it again.' }],
    [{ extrasWorth: '1' }, { extras: 'Say what comes along.' }],
    [
      { extras: 'a wrench', extrasWorth: '20' },
      { extrasWorth: 'What comes along cannot be worth as much as the pack.' },
    ],
  ])('%j is refused', (fields, expected) => expect(issuesOf(priceSchema, { ...price, ...fields })).toEqual(expected))
})

describe('a rate', () => {
  const rate = { id: 'rate00000001', base: 'GBP', quote: 'EUR', rate: '1.16', quotedOn: '2026-10-01' }

  test('is a number between two currencies on a day', () =>
    expect(rateSchema.parse(rate)).toEqual({ ...rate, rate: 1.16 }))

  test.each([
    [{ rate: '' }, { rate: 'Write the rate.' }],
    [{ rate: 'even' }, { rate: '"even" is no rate. Write 1.17.' }],
    [{ rate: '0' }, { rate: '"0" is no rate. Write 1.17.' }],
    [{ quote: 'GBP' }, { rate: 'A rate is between two currencies.' }],
  ])('%j is refused', (fields, expected) => expect(issuesOf(rateSchema, { ...rate, ...fields })).toEqual(expected))
})
