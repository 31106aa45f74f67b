import { describe, expect, test } from 'vitest'
import { criteria } from './criteria.ts'
import { parseValueFunction, valueFunctionUnit, writeValueFunction } from './rule-text.ts'

const of = (key: string) => criteria.find((criterion) => criterion.key === key)!

describe('rules as text', () => {
  test('every rule that can be edited reads back as it was written', () => {
    for (const criterion of criteria) {
      const text = writeValueFunction(criterion)
      if (text === undefined) continue
      const read = parseValueFunction(criterion, text)
      expect(read.ok, `${criterion.key}: ${text}`).toBe(true)
      if (!read.ok) continue
      const scale = criterion.valueFunction
      if (read.value.kind === 'scale' && scale.kind === 'scale') {
        read.value.points.forEach(([at, points], index) => {
          const [own, ownPoints] = scale.points[index]!
          expect(at).toBeCloseTo(own, 9)
          expect(points).toBe(ownPoints)
        })
      } else expect(read.value).toMatchObject(criterion.valueFunction)
    }
  })

  test('breakpoints are in the unit of the criterion', () => {
    expect(valueFunctionUnit(of('can-wall'))).toBe('mm')
    expect(parseValueFunction(of('can-wall'), '0.3 mm = 0; 0.6 = 10')).toEqual({
      ok: true,
      value: {
        kind: 'scale',
        points: [
          [0.0003, 0],
          [0.0006, 10],
        ],
      },
    })
    expect(parseValueFunction(of('claim-interval'), '5000 = 0; 30 000 = 10')).toMatchObject({
      ok: true,
      value: {
        points: [
          [5e6, 0],
          [3e7, 10],
        ],
      },
    })
  })

  test.each([
    ['can-wall', '0.3 = 0', 'at least two'],
    ['can-wall', '0.6 = 0; 0.3 = 10', 'Breakpoints rise'],
    ['can-wall', 'thick = 3; 0.5 = 10', 'is no number in mm'],
    ['can-wall', '0.3 = 0; 0.5 = 11', 'points run from 0 to 10'],
    ['can-wall', 'nothing', 'is no pair'],
    ['spring', 'Rubber = 3', 'is no answer here'],
    ['spring', 'Coil = 10', 'no points given'],
  ])('%s "%s" is refused', (key, text, words) => {
    const read = parseValueFunction(of(key), text)
    expect(!read.ok && read.problem.message).toContain(words)
  })
})

describe('what is written and said of a rule', () => {
  test('a scale is written in its unit, answers by their names, and neither grades nor faults at all', () => {
    expect(writeValueFunction(of('can-wall'))).toBe('0.36 = 0; 0.381 = 1.5; 0.45 = 5.5; 0.508 = 8.5; 0.6 = 10')
    expect(writeValueFunction(of('crowding'))).toBe('0.75 = 10; 0.9 = 6; 1 = 3; 1.1 = 0')
    expect(writeValueFunction(of('spring'))).toMatch(/^Coil.* = \d+; /)
    expect(writeValueFunction(of('glue'))).toBeUndefined()
    expect(writeValueFunction(of('rust'))).toBeUndefined()
  })

  test('units of facts', () =>
    expect(
      ['efficiency', 'claim-interval', 'area-for-money', 'price', 'crowding'].map((key) => valueFunctionUnit(of(key))),
    ).toEqual(['%', 'km', 'cm²', '', '']))

  test('lines, empty pairs and gaps are read past; points of nought and ten are points', () =>
    expect(parseValueFunction(of('crowding'), '\n 0.8 = 10 ;\n; 1.2 =0;')).toEqual({
      ok: true,
      value: {
        kind: 'scale',
        points: [
          [0.8, 10],
          [1.2, 0],
        ],
      },
    }))

  test.each([
    ['can-wall', '0.3; 0.5 = 1', 'pair', '"0.3" is no pair. Write 0.45 = 7, parted by semicolons.'],
    ['spring', 'Coil', 'pair', '"Coil" is no pair. Write answer = 7, parted by semicolons.'],
    ['can-wall', '0.3 = x; 0.5 = 1', 'pair', '"0.3 = x" is no pair.'],
    ['can-wall', '= 7; 0.5 = 1', 'number', '"" is no number in mm.'],
    ['can-wall', '0.3 = -1; 0.5 = 1', 'points', '0.3 = -1: points run from 0 to 10.'],
    ['can-wall', '0.3 = 1; 0.3 = 2', 'order', 'Breakpoints rise: 0.3 does not.'],
    ['crowding', 'full = 1; 2 = 2', 'number', '"full" is no number.'],
    ['spring', 'Rubber = 3', 'answer', '"Rubber" is no answer here: Coil'],
  ])('%s "%s" is refused as %s', (key, text, code, message) => {
    const read = parseValueFunction(of(key), text)
    expect(read).toMatchObject({ ok: false, problem: { code } })
    expect(!read.ok && read.problem.message).toContain(message)
  })
})
