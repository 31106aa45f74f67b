import { describe, expect, test } from 'vitest'
import { minorDiameter, parseThread } from './thread.ts'

const designation = (text: string): string => {
  const thread = parseThread(text)
  return thread.ok ? thread.value.designation : thread.problem.code
}
const problemOf = (text: string) => {
  const thread = parseThread(text)
  if (thread.ok) throw new Error(`"${text}" was taken as ${thread.value.designation}`)
  return thread.problem
}

describe('metric threads', () => {
  test.each([
    ['M20 x 1.5', 'M20 x 1.5'],
    ['  m20x1,5 ', 'M20 x 1.5'],
    ['M 20 × 1.5', 'M20 x 1.5'],
    ['M20*1.5', 'M20 x 1.5'],
    ['M20-1.5', 'M20 x 1.5'],
    ['M22   x   1.5', 'M22 x 1.5'],
    ['M6 x 0.5', 'M6 x 0.5'],
    ['M100 x 6', 'M100 x 6'],
    ['M5 x 1', 'absurd'],
    ['M101 x 1.5', 'absurd'],
    ['M20 x 0.4', 'absurd'],
    ['M20 x 6.5', 'absurd'],
    ['M', 'not-a-thread'],
    ['M20 x', 'not-a-thread'],
    ['M20 x 1.5 mm', 'not-a-thread'],
    ['an M20 x 1.5', 'not-a-thread'],
  ])('%s: %s', (text, read) => {
    expect(designation(text)).toBe(read)
  })

  test('diameter and pitch are in metres', () => {
    expect(parseThread('M20 x 1.5')).toEqual({
      ok: true,
      value: { designation: 'M20 x 1.5', diameter: 0.02, pitch: 0.0015 },
    })
  })

  test('without a pitch the usual ones are offered', () => {
    expect(problemOf('M18')).toEqual({
      code: 'pitch-missing',
      message: 'M18 needs its pitch. Lay a thread gauge in: which one?',
      suggestions: [
        { text: 'M18 x 1.5', label: 'M18 x 1.5' },
        { text: 'M18 x 2', label: 'M18 x 2' },
        { text: 'M18 x 2.5', label: 'M18 x 2.5' },
      ],
    })
  })

  test.each([
    ['M300 x 2', 'M300 is no thread for a filter: they run from M12 to M42.'],
    ['M20 x 15', 'A pitch of 15 mm is no thread pitch: filters have 1 to 3 mm.'],
    ['', 'Type the thread first, such as M20 x 1.5 or 3/4-16 UNF.'],
    ['   ', 'Type the thread first, such as M20 x 1.5 or 3/4-16 UNF.'],
    ['coarse', '"coarse" is no thread I can read. Write M20 x 1.5 or 3/4-16 UNF.'],
  ])('"%s" is refused in words', (text, message) => {
    expect(problemOf(text).message).toBe(message)
  })
})

describe('unified threads', () => {
  test.each([
    ['3/4-16 UNF', '3/4-16 UNF'],
    ['3/4-16', '3/4-16 UN'],
    ['3/4 - 16 unf', '3/4-16 UNF'],
    ['3/4"-16', '3/4-16 UN'],
    ['3 / 4 - 16', '3/4-16 UN'],
    ['13/16-16 UN', '13/16-16 UN'],
    ['1-12 UNF', '1-12 UNF'],
    ['1 1/2-16 UN', '1 1/2-16 UN'],
    ['1-1/2-16 UN', '1 1/2-16 UN'],
    ['1 - 1/2-16 UN', '1 1/2-16 UN'],
    ['1  1/2-16', '1 1/2-16 UN'],
    ['0.75-16 UNF', '0.75-16 UNF'],
    ['3/4-16 UNF-2B', '3/4-16 UNF'],
    ['3/4 x 16', '3/4-16 UN'],
    ['3/4–16', '3/4-16 UN'],
    ['3 in 16', '3-16 UN'],
    ['1/4-20', '1/4-20 UN'],
    ['3/4-4', '3/4-4 UN'],
    ['3/4-40', '3/4-40 UN'],
    ['3/16-20', 'absurd'],
    ['3 1/2-16', 'absurd'],
    ['3/4-3', 'absurd'],
    ['3/4-41', 'absurd'],
    ['3/0-16', 'absurd'],
    ['3/4-160', 'not-a-thread'],
    ['3/4-16 BSW', 'not-a-thread'],
  ])('%s: %s', (text, read) => {
    expect(designation(text)).toBe(read)
  })

  test('inches become metres', () => {
    const thread = parseThread('1 1/2-16 UN')
    expect(thread.ok && thread.value.diameter).toBeCloseTo(0.0381, 12)
    expect(thread.ok && thread.value.pitch).toBeCloseTo(0.0015875, 12)
  })

  test.each([
    ['5-16 UN', '"5-16 UN" is no thread for a filter: 5 in with 16 to the inch.'],
    ['3/0-16 UN', '"3/0-16 UN" is no thread for a filter: the size cannot be read.'],
  ])('%s is refused in words', (text, message) => {
    expect(problemOf(text).message).toBe(message)
  })
})

test('minor diameters of internal threads: M20 x 1.5 has 18.376 mm, M22 x 1.5 20.376 mm (ISO 724, from memory)', () => {
  const minor = (text: string) => {
    const thread = parseThread(text)
    return thread.ok ? minorDiameter(thread.value) * 1000 : NaN
  }
  expect(minor('M20 x 1.5')).toBeCloseTo(18.376, 3)
  expect(minor('M22 x 1.5')).toBeCloseTo(20.376, 3)
  // ASME B1.1, 3/4-16 UNF: 0.6823 in, from memory.
  expect(minor('3/4-16 UNF') / 25.4).toBeCloseTo(0.6823, 4)
})
