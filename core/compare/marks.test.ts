import { describe, expect, test } from 'vitest'
import type { Cell, Mark } from './cell.ts'
import { markCells, type PointsOf } from './marks.ts'

const number = (value: number, u = 0): Cell => ({
  state: 'number',
  value,
  u,
  evidence: 'measured',
  specimen: 's',
  of: 1,
})
const words = (...answers: string[]): Cell => ({
  state: 'words',
  text: answers.join(' / '),
  answers,
  evidence: 'observed',
  specimen: 's',
  of: 1,
})
const marks = (cells: Cell[], pointsOf: PointsOf, confusion = 0): (Mark | undefined)[] =>
  markCells(cells, pointsOf, confusion).map((cell) => ('mark' in cell ? cell.mark : undefined))

const more: PointsOf = (cell) => (cell.state === 'number' ? cell.value : undefined)
const less: PointsOf = (cell) => (cell.state === 'number' ? 10 - cell.value : undefined)
/** Two is best, and whoever is far from it is worst, on either side. */
const middle: PointsOf = (cell) => (cell.state === 'number' ? 10 - 4 * Math.abs(cell.value - 2) : undefined)
const silicone: PointsOf = (cell) =>
  cell.state === 'words' ? { silicone: 10, nitrile: 5, other: 5 }[cell.answers[0] ?? ''] : undefined
const unjudged: PointsOf = () => undefined

describe('best and worst of a row', () => {
  test('by number, as its points have it', () => {
    expect(marks([number(3), number(1), number(2)], more)).toEqual(['best', 'worst', undefined])
    expect(marks([number(3), number(1), number(2)], less)).toEqual(['worst', 'best', undefined])
  })

  test('several share a mark when they are tied with its holder', () =>
    expect(marks([number(3, 0.1), number(2.9, 0.1), number(1, 0.1)], more)).toEqual(['best', 'best', 'worst']))

  test('what is tied with both ends is neither', () =>
    expect(marks([number(3, 0.32), number(2, 0.32), number(1, 0.32)], more)).toEqual(['best', undefined, 'worst']))

  test('none where all are tied, where one alone is known, or where nothing is liked better', () => {
    expect(marks([number(3, 2), number(1, 2)], more)).toEqual([undefined, undefined])
    expect(marks([number(3), { state: 'missing' }], more)).toEqual([undefined, undefined])
    expect(marks([number(3), number(1)], unjudged)).toEqual([undefined, undefined])
  })

  test('what was inferred is neither marked nor what others are marked against', () => {
    const inferred = (cell: Cell): Cell => ({ ...cell, evidence: 'inferred' }) as Cell
    expect(marks([inferred(number(3)), number(2), number(1)], more)).toEqual([undefined, 'best', 'worst'])
    expect(marks([inferred(number(3)), number(2)], more)).toEqual([undefined, undefined])
    expect(marks([inferred(words('silicone')), words('nitrile')], silicone)).toEqual([undefined, undefined])
  })

  test('by answer, as its points have it; specimens that disagree are not marked', () => {
    expect(marks([words('silicone'), words('nitrile'), words('other')], silicone)).toEqual(['best', 'worst', 'worst'])
    expect(marks([words('silicone'), words('silicone', 'nitrile')], silicone)).toEqual([undefined, undefined])
    expect(marks([words('silicone'), words('nitrile', 'silicone'), words('nitrile')], silicone)).toEqual([
      'best',
      undefined,
      'worst',
    ])
    expect(marks([words('nitrile'), words('other')], silicone)).toEqual([undefined, undefined])
  })

  test('by a rule with a hump the middle is best, whichever side the others are on', () => {
    expect(marks([number(1), number(2), number(3.5)], middle)).toEqual([undefined, 'best', 'worst'])
  })

  test('numbers that differ and have the same points are neither', () => {
    expect(marks([number(1, 0.01), number(3, 0.01)], middle)).toEqual([undefined, undefined])
  })

  test('the more are compared, the more it takes: among twelve, what is a difference between two is none', () => {
    const [low, high] = [number(1, 0.1), number(1.35, 0.1)]
    expect(marks([low, high], more)).toEqual(['worst', 'best'])
    const crowd = Array.from({ length: 10 }, () => number(1.17, 0.1))
    expect(marks([low, high, ...crowd], more).filter(Boolean)).toEqual([])
  })

  test('one odd word among twelve may be a mistake where it is told by feel, two are none', () => {
    const row = (odd: number) => Array.from({ length: 12 }, (_, column) => words(column < odd ? 'nitrile' : 'silicone'))
    expect(marks(row(1), silicone, 0.03).some(Boolean)).toBe(false)
    expect(marks(row(3), silicone, 0.03)[0]).toBe('worst')
    expect(marks(row(1), silicone, 0.004)[0]).toBe('worst')
  })
})
