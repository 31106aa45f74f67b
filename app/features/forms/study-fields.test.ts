import { describe, expect, test } from 'vitest'
import { issuesOf } from './issues.fixture.ts'
import { gradeStudySchema, studySchema, studySetupSchema, studyValue } from './study-fields.ts'

const id = 'abcdefgh1234'
const five = ['0.49', '0.50', '.51', '0,49', '19.5 thou'].map((typed) => ({ person: 'Me', part: '1', typed }))
const typed = { id, characteristic: 'can.wall', unit: 'mm', tolerance: '', readings: JSON.stringify(five) }

describe('a study as it is sent', () => {
  const schema = studySchema('micrometer')

  test('is read in its unit, with what was typed beside it', () => {
    const study = schema.parse({ ...typed, tolerance: '0.1' })
    expect(study.tolerance).toBeCloseTo(1e-4, 12)
    expect(study.readings.map((one) => one.typed)).toEqual(['0.49 mm', '0.50 mm', '.51 mm', '0,49 mm', '19.5 thou'])
    expect(study.readings.at(-1)?.value).toBeCloseTo(0.0004953, 9)
  })

  test.each<[string, Partial<typeof typed>, string, string]>([
    ['what it does not measure', { characteristic: 'whole.weight' }, 'characteristic', 'does not measure that'],
    ['what nobody knows', { characteristic: 'can.mood' }, 'characteristic', 'does not measure that'],
    ['a unit of another kind', { unit: 'g' }, 'unit', 'Choose a unit'],
    ['a tolerance of nought', { tolerance: '0' }, 'tolerance', 'more than zero'],
    ['no JSON', { readings: '{' }, 'readings', 'could not be read'],
    ['one reading', { readings: JSON.stringify(five.slice(0, 1)) }, '', 'Nothing was read twice'],
    [
      'a word among the readings',
      { readings: JSON.stringify([...five, { person: 'Me', part: '1', typed: 'thin' }]) },
      '',
      'Me, part 1: "thin" is not a number',
    ],
  ])('is refused with %s', (_, changes, field, message) =>
    expect(issuesOf(schema, { ...typed, ...changes })[field]).toContain(message),
  )
})

describe('the setup of a study', () => {
  const schema = studySetupSchema('caliper')
  const setup = { characteristic: 'can.wall', unit: 'mm', people: 'Mara, Tom', parts: '3', repeats: '2', tolerance: '' }

  test('becomes its plan; a tolerance stays as typed', () =>
    expect(schema.parse({ ...setup, tolerance: '0.2' })).toMatchObject({
      tolerance: '0.2',
      plan: { people: ['Mara', 'Tom'], parts: 3, repeats: 2 },
    }))

  test.each<[string, Partial<typeof setup>, string]>([
    ['two of one name', { people: 'Mara, MARA' }, 'people'],
    ['too few readings', { people: '', parts: '1', repeats: '3' }, 'repeats'],
    ['a hundred parts', { parts: '100' }, 'parts'],
    ['a tolerance in words', { tolerance: 'wide' }, 'tolerance'],
  ])('is refused with %s', (_, changes, field) =>
    expect(Object.keys(issuesOf(schema, { ...setup, ...changes }))).toContain(field),
  )
})

test('a reading of nought is none', () =>
  expect(studyValue('0', 'scale', 'g')).toMatchObject({ ok: false, problem: { code: 'zero' } }))

test.each(['[]', '[["abcdefgh1234", 2.5]]', '[["abcdefgh1234", -1]]', '7'])('grades %s are refused', (again) =>
  expect(Object.keys(issuesOf(gradeStudySchema, { id, again }))).not.toEqual([]),
)
