import { describe, expect, test } from 'vitest'
import { issuesOf } from './issues.fixture.ts'
import { giverOf } from '#app/data/giver.ts'
import { specimenSchema, specimenValues } from './specimen-fields.ts'

const specimen = { id: 'aaaaaaaaaaaa', revisionId: 'bbbbbbbbbbbb', label: 'A', acquisition: 'bought' }

describe('a specimen', () => {
  // Decimals by currency: ISO 4217, as the runtime's Intl has them.
  test.each([
    ['12.50', 'EUR', 1250],
    ['12,5', 'EUR', 1250],
    ['0', 'EUR', 0],
    ['1350', 'JPY', 1350],
    ['2490', 'ISK', 2490],
  ])('price "%s %s" is %s in the smallest unit', (price, currency, paidMinor) => {
    expect(specimenSchema.parse({ ...specimen, price, currency })).toMatchObject({ paidMinor, currency })
  })

  test('one on loan is a given one that goes back, and its form says so again', () => {
    const lent = specimenSchema.parse({ ...specimen, acquisition: 'lent', givenBy: 'Norrith press' })
    expect(lent).toMatchObject({ acquisition: 'given', onLoan: 1, givenBy: 'Norrith press' })
    expect(specimenSchema.parse(specimen)).toMatchObject({ acquisition: 'bought', onLoan: 0 })
    expect(giverOf(lent)).toEqual(['Norrith press (on loan)'])
    expect(giverOf({ givenBy: '', onLoan: 0 })).toEqual([])
    expect(specimenValues(lent as never)).toMatchObject({ acquisition: 'lent' })
  })

  test('without a price it has no currency either', () =>
    expect(specimenSchema.parse({ ...specimen, price: '', currency: 'EUR' })).toMatchObject({
      paidMinor: null,
      currency: null,
    }))

  test.each([
    [{ price: '-1', currency: 'EUR' }, { price: 'A price cannot be below zero.' }],
    [{ price: 'cheap', currency: 'EUR' }, { price: '"cheap" is no amount of money. Write 12.50.' }],
    [{ price: '1,250', currency: 'EUR' }, { price: '"1,250" can be read two ways. 1.250 or 1250?' }],
    [{ price: '999999', currency: 'EUR' }, { price: '999999 is more than any filter costs.' }],
    [{ price: '12.505', currency: 'EUR' }, { price: 'EUR has 2 decimals at most.' }],
    [{ price: '13.50', currency: 'JPY' }, { price: 'JPY has no decimals: write a whole number.' }],
    [{ price: '5', currency: '' }, { currency: 'A price needs its currency.' }],
    [{ price: '5', currency: 'XYZ' }, { currency: 'Choose a currency.' }],
    [{ acquisition: 'given' }, { givenBy: 'Say who gave it or lent it: such a sample must be disclosed.' }],
    [{ acquisition: 'lent' }, { givenBy: 'Say who gave it or lent it: such a sample must be disclosed.' }],
    [{ acquisition: 'found' }, { acquisition: 'Say how it was got: viewers are told.' }],
  ])('%j is refused', (fields, expected) => {
    expect(issuesOf(specimenSchema, { ...specimen, ...fields })).toEqual(expected)
  })
})
