import { describe, expect, test } from 'vitest'
import { applicationSchema, brandSchema, productSchema, specimenSchema } from './schemas.ts'
import { benchSchema } from '#app/features/bench/reading-schema.ts'

const messages = (result: {
  success: boolean
  error?: { issues: { path: PropertyKey[]; message: string }[] } | undefined
}): Record<string, string> =>
  Object.fromEntries((result.error?.issues ?? []).map(({ path, message }) => [path.join('.'), message]))

const application = { id: 'aaaaaaaaaaaa', name: 'Skerry 1.1 D', form: 'spin-on', bypass: 'filter' }
const specimen = { id: 'aaaaaaaaaaaa', revision: 'bbbbbbbbbbbb', label: 'A', got: 'bought' }

describe('an application', () => {
  test('is its name and form; the rest may stay open', () => {
    expect(applicationSchema.parse(application)).toEqual({
      ...application,
      machine: '',
      thread: null,
      bypassOpening: null,
      oilCold: null,
      oilHot: null,
      maxHeight: null,
      gasketLand: null,
      manualEasy: null,
      manualNormal: null,
      manualSevere: null,
      note: '',
    })
  })

  test('what it asks is read in shop notation and kept in SI', () => {
    const read = applicationSchema.parse({
      ...application,
      thread: '3/4-16 unf',
      bypassOpening: '15 psi',
      oilCold: '-4 °F',
      oilHot: '135',
    })
    expect(read.thread).toBe('3/4-16 UNF')
    expect(read.bypassOpening).toBeCloseTo(103421, 0)
    expect(read.oilCold).toBeCloseTo(253.15, 2)
    expect(read.oilHot).toBeCloseTo(408.15, 2)
  })

  test.each([
    ['name', '', 'The name is missing.'],
    ['name', 'x'.repeat(81), 'The name is too long: at most 80 characters.'],
    ['form', 'barrel', 'Choose spin-on or cartridge.'],
    ['thread', 'M20', 'M20 needs its pitch. Lay a thread gauge in: which one?'],
    ['bypassOpening', '80 bar', '80 bar cannot be the bypass opening: it lies between 0.20 bar and 6.00 bar.'],
    ['bypassOpening', '15 g', 'g is a weight; bypass opening is a pressure. Try bar, psi or kPa.'],
    ['oilHot', '9', '9 cannot be the hottest oil: it lies between 50 °C and 200 °C.'],
    ['note', 'x'.repeat(10_000), 'The note is too long: at most 2000 characters.'],
  ])('%s "%s" is refused beside its field', (field, value, message) => {
    expect(messages(applicationSchema.safeParse({ ...application, [field]: value }))).toEqual({ [field]: message })
  })
})

describe('a specimen', () => {
  test.each([
    ['12.50', 1250],
    ['12,5', 1250],
    ['0', 0],
    ['', null],
  ])('price "%s" is %s hundredths', (price, minor) => {
    expect(specimenSchema.parse({ ...specimen, price, currency: 'EUR' }).price).toBe(minor)
  })

  test.each([
    [{ price: '-1', currency: 'EUR' }, { price: 'A price cannot be below zero.' }],
    [{ price: 'cheap', currency: 'EUR' }, { price: '"cheap" is no amount of money. Write 12.50.' }],
    [{ price: '1,250', currency: 'EUR' }, { price: '"1,250" can be read two ways. 1.250 or 1250?' }],
    [{ price: '999999', currency: 'EUR' }, { price: '999999 is more than any filter costs.' }],
    [{ price: '5', currency: '' }, { currency: 'A price needs its currency.' }],
    [{ price: '5', currency: 'XYZ' }, { currency: 'Choose a currency.' }],
    [{ got: 'given' }, { givenBy: 'Say who gave it: a given sample must be disclosed.' }],
    [{ got: 'found' }, { got: 'Say how it was got: viewers are told.' }],
  ])('%j is refused', (fields, expected) => {
    expect(messages(specimenSchema.safeParse({ ...specimen, ...fields }))).toEqual(expected)
  })
})

test('names are trimmed, and whatever they are made of is kept', () => {
  expect(brandSchema.parse({ id: 'aaaaaaaaaaaa', name: '  <b>Tarn</b> ' }).name).toBe('<b>Tarn</b>')
  expect(
    messages(productSchema.safeParse({ id: 'x', brand: ' ', partNumber: 'P', form: 'spin-on', tier: 'low' })),
  ).toEqual({ id: 'This form is broken. Load the page again.', brand: 'The brand is missing.' })
})

describe('what the bench may ask', () => {
  test('a reading, with how it is known', () => {
    expect(
      benchSchema.parse({
        intent: 'take',
        id: 'aaaaaaaaaaaa',
        characteristic: 'can.wall',
        typed: '20 thou',
        evidence: 'measured',
      }),
    ).toMatchObject({ source: '' })
  })

  test.each([
    [
      { intent: 'take', id: 'aaaaaaaaaaaa', characteristic: 'can.wall', typed: '20', evidence: 'guessed' },
      'Choose how you know it.',
    ],
    [
      { intent: 'take', id: 'aaaaaaaaaaaa', characteristic: 'can.wall', typed: 'x'.repeat(1001), evidence: 'measured' },
      'That is too long for a reading. Put remarks into a note.',
    ],
    [{ intent: 'note', id: 'aaaaaaaaaaaa', part: 'can', text: '  ' }, 'The note is empty.'],
    [
      { intent: 'note', id: 'aaaaaaaaaaaa', part: 'can', text: 'x'.repeat(2500) },
      'That note has 2500 characters; 2000 fit. Split it in two.',
    ],
    [{ intent: 'strike', id: '../../etc' }, 'This page is out of date. Load it again; what you typed is kept.'],
  ])('%j is refused', (asked, message) => {
    expect(Object.values(messages(benchSchema.safeParse(asked)))).toEqual([message])
  })
})
