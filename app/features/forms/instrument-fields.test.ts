import { describe, expect, test } from 'vitest'
import { checkSchema, instrumentFields, instrumentSchema } from './instrument-fields.ts'
import { issuesOf } from './issues.fixture.ts'

const caliper = { id: 'aa', name: 'Slide caliper', kind: 'caliper', resolution: '0.0005 in', accuracy: '0.03 mm' }

describe('an instrument', () => {
  test('has its resolution and accuracy in SI, beside what was typed', () =>
    expect(instrumentFields(instrumentSchema.parse(caliper), caliper)).toEqual({
      id: 'aa',
      name: 'Slide caliper',
      kind: 'caliper',
      resolution: 0.0000127,
      accuracy: 0.00003,
      checkIntervalDays: null,
      isDefault: false,
      rawInput: { resolution: '0.0005 in', accuracy: '0.03 mm' },
    }))

  test.each([
    [{ name: '' }, { name: 'The name is missing.' }],
    [{ resolution: '0' }, { resolution: 'The resolution must be more than zero.' }],
    [{ accuracy: '3 g' }, { accuracy: 'g is a weight; the accuracy is a length. Try mm, in or thou.' }],
    [{ checkIntervalDays: '0' }, { checkIntervalDays: 'The days between checks is a whole number from 1 to 3650.' }],
  ])('%j is refused', (fields, expected) =>
    expect(issuesOf(instrumentSchema, { ...caliper, ...fields })).toEqual(expected),
  )
})

describe('a check', () => {
  const check = { id: 'bb', instrumentId: 'aa', kind: 'scale', referenceValue: '200 g', indication: '200.1' }

  test('is read in the units of the kind of instrument', () =>
    expect(checkSchema.parse(check)).toMatchObject({ referenceValue: 0.2, indication: 0.2001, reference: '' }))

  test.each([
    [{ indication: '' }, { indication: 'What it showed is missing.' }],
    [{ referenceValue: '10 mm' }, { referenceValue: 'mm is a length; the known piece is a weight. Try g or oz.' }],
  ])('%j is refused', (fields, expected) => expect(issuesOf(checkSchema, { ...check, ...fields })).toEqual(expected))
})
