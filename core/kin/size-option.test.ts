import { describe, expect, test } from 'vitest'
import { formatSizeOption, sizeOption } from './size-option.ts'

describe('another size', () => {
  test.each([
    [
      { height: 0.094, area: 0.2, steel: undefined },
      'Another size: 8.0 mm longer than is usual for this engine, with 25 % more media; see that it clears.',
    ],
    [
      { height: 0.076, area: 0.12, steel: 0.19 },
      'Another size: 10.0 mm shorter than is usual for this engine, with 25 % less media and 5 % less steel.',
    ],
    [
      { height: 0.076, area: undefined, steel: undefined },
      'Another size: 10.0 mm shorter than is usual for this engine.',
    ],
  ])('of a can %o', (own, words) => {
    expect(formatSizeOption(sizeOption(own, { height: 0.086, area: 0.16, steel: 0.2 })!)).toBe(words)
  })

  test('is not said within the spread of one size, or where nothing is known', () => {
    const others = { area: 0.2, steel: 0.2 }
    expect(sizeOption({ height: 0.088, ...others }, { height: 0.086, ...others })).toBeUndefined()
    expect(sizeOption({ height: undefined, ...others }, { height: 0.086, ...others })).toBeUndefined()
  })
})
