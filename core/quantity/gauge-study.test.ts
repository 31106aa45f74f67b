import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { duplicateDeviation, gaugeStudy, measuringShare, toleranceShare, type StudyReading } from './gauge-study.ts'

/** The crossed study of ten parts, three appraisers and three trials of AIAG's handbook (from memory). */
const handbook: Record<string, number[][]> = {
  A: [
    [0.29, -0.56, 1.34, 0.47, -0.8, 0.02, 0.59, -0.31, 2.26, -1.36],
    [0.41, -0.68, 1.17, 0.5, -0.92, -0.11, 0.75, -0.2, 1.99, -1.25],
    [0.64, -0.58, 1.27, 0.64, -0.84, -0.21, 0.66, -0.17, 2.01, -1.31],
  ],
  B: [
    [0.08, -0.47, 1.19, 0.01, -0.56, -0.2, 0.47, -0.63, 1.8, -1.68],
    [0.25, -1.22, 0.94, 1.03, -1.2, 0.22, 0.55, 0.08, 2.12, -1.62],
    [0.07, -0.68, 1.34, 0.2, -1.28, 0.06, 0.83, -0.34, 2.19, -1.5],
  ],
  C: [
    [0.04, -1.38, 0.88, 0.14, -1.46, -0.29, 0.02, -0.46, 1.77, -1.49],
    [-0.11, -1.13, 1.09, 0.2, -1.07, -0.67, 0.01, -0.56, 1.45, -1.77],
    [-0.15, -0.96, 0.67, 0.11, -1.45, -0.49, 0.21, -0.49, 1.87, -2.16],
  ],
}

const readingsOf = (trials: Record<string, number[][]>): StudyReading[] =>
  Object.entries(trials).flatMap(([person, rows]) =>
    rows.flatMap((row) => row.map((value, part) => ({ person, part: String(part + 1), value }))),
  )

const studied = (readings: readonly StudyReading[]) => {
  const study = gaugeStudy(readings)
  if (!study.ok) throw new Error(study.problem.message)
  return study.value
}

describe('a gauge study', () => {
  test('gives what the handbook of AIAG works out by analysis of variance', () => {
    const study = studied(readingsOf(handbook))
    expect(study).toMatchObject({ people: 3, parts: 10, repeats: 3, degrees: 78 })
    expect(study.repeatability).toBeCloseTo(0.199933, 6)
    expect(study.reproducibility).toBeCloseTo(0.226838, 6)
    // The handbook adds its rounded figures up: 0.302373.
    expect(study.measuring).toBeCloseTo(0.302373, 5)
    expect(study.betweenParts).toBeCloseTo(1.042327, 6)
    expect(measuringShare(study)).toBeCloseTo(0.2786, 4)
    expect(toleranceShare(study, 8)).toBeCloseTo(0.22678, 5)
  })

  test('keeps apart what depends on person and part together', () => {
    const crossed = ['A', 'B'].flatMap((person) =>
      ['1', '2'].flatMap((part) =>
        [0, 0.1].map((by) => ({ person, part, value: by + ((person === 'A') === (part === '1') ? 1 : 2) })),
      ),
    )
    const study = studied(crossed)
    expect(study.degrees).toBe(4)
    expect(study.repeatability).toBeCloseTo(Math.sqrt(0.005), 12)
    // Mean square of both together 2, less that of repeats 0.005, over two repeats.
    expect(study.reproducibility).toBeCloseTo(Math.sqrt((2 - 0.005) / 2), 12)
    expect(study.betweenParts).toBe(0)
  })

  test('of two people and one part', () => {
    const study = studied(
      ['A', 'B'].flatMap((person, at) => [0, 0.2].map((by) => ({ person, part: '1', value: at + by }))),
    )
    expect(study.reproducibility).toBeCloseTo(Math.sqrt((1 - 0.02) / 2), 12)
    expect(study.betweenParts).toBeUndefined()
    expect(measuringShare(study)).toBeUndefined()
  })

  test('has nothing to share where nothing differs', () => {
    const same = ['1', '2'].flatMap((part) => [5, 5].map((value) => ({ person: 'A', part, value })))
    expect(measuringShare(studied(same))).toBeUndefined()
    expect(studied(same).repeatability).toBe(0)
  })

  test.each<[string, StudyReading[], string]>([
    ['nothing', [], 'once'],
    ['one reading', [{ person: 'A', part: '1', value: 1 }], 'once'],
    [
      'a part that one has left away',
      readingsOf({
        A: [
          [1, 2],
          [1, 2],
        ],
        B: [[1], [1]],
      }),
      'uneven',
    ],
    ['a part that was read less often', readingsOf({ A: [[1, 2], [1, 2], [1]] }), 'uneven'],
  ])('refuses %s', (_, readings, code) => expect(gaugeStudy(readings)).toMatchObject({ ok: false, problem: { code } }))

  test('an offset changes nothing, a unit scales all', () => {
    const value = fc.double({ min: -5, max: 5, noNaN: true })
    const cells = fc.array(fc.array(value, { minLength: 4, maxLength: 4 }), { minLength: 2, maxLength: 4 })
    fc.assert(
      fc.property(cells, cells, (one, other) => {
        const rows = Math.min(one.length, other.length)
        const readings = readingsOf({ A: one.slice(0, rows), B: other.slice(0, rows) })
        const plain = studied(readings)
        const moved = studied(readings.map((reading) => ({ ...reading, value: 25.4 * reading.value + 100 })))
        for (const key of ['repeatability', 'measuring', 'betweenParts'] as const)
          expect(moved[key]).toBeCloseTo(25.4 * (plain[key] ?? 0), 4)
      }),
    )
  })
})

test('answers given twice scatter by the root of half the mean square of their differences', () => {
  expect(duplicateDeviation([[1, 1]])).toBe(0)
  expect(duplicateDeviation([[1, 3]])).toBeCloseTo(Math.SQRT2, 12)
  expect(() => duplicateDeviation([])).toThrow(RangeError)
})
