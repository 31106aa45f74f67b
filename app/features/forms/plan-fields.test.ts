import { describe, expect, test } from 'vitest'
import { issuesOf } from './issues.fixture.ts'
import { plannedDaySchema, purchaseSchema, wishesSchema, wishSchema } from './plan-fields.ts'

const id = 'abcdefghijkl'

describe('a wish', () => {
  const wish = { id, intent: 'wish', filter: 'Norrith N-40', count: '2', reason: '' }

  test('names a filter and how many', () => {
    expect(wishSchema.parse(wish)).toMatchObject({ filter: 'Norrith N-40', count: 2 })
    expect(issuesOf(wishSchema, { ...wish, filter: ' ' })).toEqual({ filter: 'The filter is missing.' })
    expect(issuesOf(wishSchema, { ...wish, count: '' })).toEqual({ count: 'Say how many.' })
    expect(issuesOf(wishSchema, { ...wish, count: '0' })).toEqual({ count: 'How many is a whole number from 1 to 99.' })
    expect(issuesOf(wishSchema, { ...wish, count: '1.5' })).toEqual({
      count: 'How many is a whole number from 1 to 99.',
    })
  })

  test('that is proposed is a list of filters, each with how many', () => {
    const proposed = (wishes: unknown) =>
      wishesSchema.safeParse({ id, intent: 'wishes', wishes: JSON.stringify(wishes) })
    expect(proposed([{ productId: id, count: 2 }]).success).toBe(true)
    for (const wrong of [
      [],
      [{ productId: id }],
      [{ productId: '../x', count: 1 }],
      [{ productId: id, count: 1e9 }],
      7,
    ])
      expect(proposed(wrong).success).toBe(false)
  })
})

describe('a purchase', () => {
  const bought = { id, count: '2', price: '6.40', currency: 'EUR', orderedOn: '2026-11-20', expectedOn: '2099-01-01' }
  const near = { ...bought, expectedOn: '2030-01-01' }

  test('is kept in the smallest unit of its money', () => {
    expect(purchaseSchema.parse(near)).toMatchObject({
      count: 2,
      priceMinor: 640,
      currency: 'EUR',
      orderedOn: '2026-11-20',
    })
    expect(purchaseSchema.parse({ id, count: '1' })).toMatchObject({
      priceMinor: null,
      currency: null,
      expectedOn: null,
    })
  })

  test.each([
    [{ ...near, currency: '' }, { currency: 'A price needs its currency.' }],
    [{ ...near, price: '6.405' }, { price: 'EUR has 2 decimals at most.' }],
    [{ ...near, price: '-1' }, { price: 'The price cannot be below zero.' }],
    [{ ...near, orderedOn: '' }, { orderedOn: 'Say when it was ordered.' }],
    [{ ...near, expectedOn: '2026-11-01' }, { expectedOn: 'It cannot arrive before it was ordered.' }],
    [bought, { expectedOn: 'The day it is expected lies more than ten years ahead.' }],
    [{ ...near, orderedOn: '2099-01-01' }, { orderedOn: 'The day of the order lies ahead.' }],
    [{ ...near, orderedOn: 'soon' }, { orderedOn: 'The day of the order is a day, such as 2026-05-31.' }],
  ])('%o is refused beside the field', (typed, issues) => {
    expect(issuesOf(purchaseSchema, typed)).toEqual(issues)
  })
})

test('a day may lie ahead, and says what is to be done', () => {
  const day = { id, intent: 'day', day: '2027-02-28', words: 'cut', applicationId: '' }
  expect(plannedDaySchema.parse(day)).toMatchObject({ day: '2027-02-28', words: 'cut' })
  expect(issuesOf(plannedDaySchema, { ...day, words: '' })).toEqual({ words: 'What is to be done is missing.' })
  expect(issuesOf(plannedDaySchema, { ...day, day: '2027-02-30' })).toEqual({
    day: 'The day is a day, such as 2026-05-31.',
  })
})
