import { describe, expect, test } from 'vitest'
import { claimSchema, decisionSchema } from './claim-fields.ts'
import { issuesOf } from './issues.fixture.ts'

const claim = { id: 'aaaaaaaaaaaa', kind: 'slogan', words: 'Keeps it clean', place: 'front', readOn: '2026-10-02' }

describe('a claim', () => {
  test('of efficiency has its points, its test and whether it was run more than once', () => {
    const fields = { ...claim, kind: 'efficiency', points: '99 at 25', standard: 'ISO 4548-12', pass: 'multi' }
    expect(claimSchema.parse(fields).parts).toMatchObject({
      points: [{ share: 0.99, size: 25e-6 }],
      standard: 'ISO 4548-12',
      pass: 'multi',
    })
  })

  test('of another kind has the amount that its kind is about, in SI', () => {
    expect(claimSchema.parse({ ...claim, kind: 'capacity', amount: '16.5 g' }).parts).toEqual({ amount: 0.0165 })
    expect(claimSchema.parse({ ...claim, kind: 'burst', amount: '20 bar' }).parts).toEqual({ amount: 2e6 })
    expect(claimSchema.parse({ ...claim, kind: 'temperature', low: '-40', high: '130' }).parts).toEqual({
      low: expect.closeTo(233.15, 9),
      high: 403.15,
    })
    const interval = { ...claim, kind: 'interval', interval: '30000 km or 24 months', oil: 'full', notSevere: 'yes' }
    expect(claimSchema.parse(interval).parts).toEqual({ distance: 3e7, months: 24, oil: 'full', notSevere: true })
    const half = { ...interval, oil: '', notSevere: 'half' }
    expect(claimSchema.parse(half).parts).toEqual({ distance: 3e7, months: 24, severeShare: 0.5 })
  })

  test('that is a slogan has its words alone, whatever else is filled in', () =>
    expect(claimSchema.parse({ ...claim, amount: '3 g', photoId: '' })).toEqual({
      ...claim,
      photoId: null,
      revisionId: null,
      parts: {},
    }))

  test.each([
    [{ words: '' }, { words: 'The wording is missing.' }],
    [{ place: 'roof' }, { place: 'Say where it was read.' }],
    [{ readOn: 'yesterday' }, { readOn: 'The day is a day, such as 2026-05-31.' }],
    [{ readOn: '2999-01-01' }, { readOn: 'The day lies ahead.' }],
    [{ readOn: '1984-01-01' }, { readOn: 'The day lies too far back.' }],
    [{ kind: 'capacity', amount: '' }, { amount: 'Write the capacity, with its unit.' }],
    [{ kind: 'capacity', amount: '16 bar' }, { amount: 'bar is a pressure; capacity is a weight. Try g or oz.' }],
    [{ kind: 'interval' }, { interval: 'Write a distance, months, or both: 15000 km or 12 months.' }],
    [{ kind: 'temperature' }, { high: 'Write at least one end of the range.' }],
    [{ kind: 'temperature', low: '90', high: '20' }, { high: 'The hot end lies above the cold one.' }],
  ])('%j is refused', (fields, expected) => expect(issuesOf(claimSchema, { ...claim, ...fields })).toEqual(expected))
})

test('a decision on contradicting claims needs its reason', () =>
  expect(issuesOf(decisionSchema, { productId: 'aa', kind: 'interval', claimId: 'bb', reason: ' ' })).toEqual({
    reason: 'The reason is missing.',
  }))
