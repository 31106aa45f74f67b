import { describe, expect, test } from 'vitest'
import { issuesOf } from '#app/features/forms/issues.fixture.ts'
import { benchRequestSchema } from './bench-request.ts'

const id = 'aaaaaaaaaaaa'
const take = { intent: 'take', id, characteristic: 'can.wall', typed: '20 thou', evidence: 'measured' }

describe('what the bench may ask', () => {
  test('a reading, with how it is known', () =>
    expect(benchRequestSchema.parse(take)).toMatchObject({ source: '', evidence: 'measured' }))

  test('a clock that writes nonsense is not believed, and the reading is taken all the same', () =>
    expect(benchRequestSchema.parse({ ...take, at: 'soon', since: '2026-11-25T09:00:00.000Z' })).toMatchObject({
      at: undefined,
      since: '2026-11-25T09:00:00.000Z',
    }))

  test('a note without what else the form sends', () =>
    expect(benchRequestSchema.parse({ intent: 'note', id, part: 'can', text: ' a dent ', extra: 'x' })).toEqual({
      intent: 'note',
      id,
      part: 'can',
      text: 'a dent',
    }))

  test.each([
    [{ ...take, evidence: 'guessed' }, 'Choose how you know it.'],
    [{ ...take, typed: 'x'.repeat(1001) }, 'That is too long for a reading. Put remarks into a note.'],
    [{ ...take, source: 'x'.repeat(201) }, 'Where it was read is too long: at most 200 characters.'],
    [{ ...take, zero: 'a hair' }, 'The zero of the instrument is no number.'],
    [{ intent: 'note', id, part: 'can', text: '  ' }, 'The note is empty.'],
    [{ intent: 'note', id, part: 'engine', text: 'x' }, 'Choose a part for the note.'],
    [
      { intent: 'note', id, part: 'can', text: 'x'.repeat(2500) },
      'That note has 2500 characters; 2000 fit. Split it in two.',
    ],
    [{ intent: 'strike', id: '../../etc' }, 'This page is out of date. Load it again.'],
    [
      { intent: 'pass', id, point: 'cut', reason: ' ' },
      'The reason why you go on, which is kept with the specimen, is missing.',
    ],
    [{ intent: 'pass', id, point: 'lunch', reason: 'hungry' }, 'There is no such point.'],
    [{ intent: 'ask', id, characteristic: 'can.wall', asked: 'maybe' }, 'Say whether it is asked for.'],
    [{ intent: 'zero', id, instrument: id, shows: 'x'.repeat(41) }, 'That is too long for a zero.'],
    [{ intent: 'sing', id }, 'This page is out of date. Load it again.'],
  ])('%j is refused', (request, message) =>
    expect(Object.values(issuesOf(benchRequestSchema, request))).toEqual([message]),
  )
})
