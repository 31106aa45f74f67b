import { describe, expect, test } from 'vitest'
import type { Cell, Mark } from './cell.ts'
import { markCells, type RowPreference } from './marks.ts'

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
const marks = (cells: Cell[], preference: RowPreference | undefined): (Mark | undefined)[] =>
  markCells(cells, preference).map((cell) => ('mark' in cell ? cell.mark : undefined))

const more: RowPreference = { direction: 1, pointsOf: () => undefined }
const less: RowPreference = { direction: -1, pointsOf: () => undefined }
const silicone: RowPreference = {
  direction: 0,
  pointsOf: ([answer]) => ({ silicone: 10, nitrile: 5, other: 5 })[answer ?? ''],
}

describe('best and worst of a row', () => {
  test('by number, as the preference has it', () => {
    expect(marks([number(3), number(1), number(2)], more)).toEqual(['best', 'worst', undefined])
    expect(marks([number(3), number(1), number(2)], less)).toEqual(['worst', 'best', undefined])
  })

  test('several share a mark when they are tied with its holder', () =>
    expect(marks([number(3, 0.1), number(2.9, 0.1), number(1, 0.1)], more)).toEqual(['best', 'best', 'worst']))

  test('what is tied with both ends is neither', () =>
    expect(marks([number(3, 0.4), number(2, 0.4), number(1, 0.4)], more)).toEqual(['best', undefined, 'worst']))

  test('none where all are tied, where one alone is known, or where nothing is liked better', () => {
    expect(marks([number(3, 2), number(1, 2)], more)).toEqual([undefined, undefined])
    expect(marks([number(3), { state: 'missing' }], more)).toEqual([undefined, undefined])
    expect(marks([number(3), number(1)], undefined)).toEqual([undefined, undefined])
    expect(marks([number(3), number(1)], { direction: 0, pointsOf: () => undefined })).toEqual([undefined, undefined])
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
})
