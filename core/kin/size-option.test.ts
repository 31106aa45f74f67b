import { describe, expect, test } from 'vitest'
import { formatSizeOption, sizeOption } from './size-option.ts'

describe('another size', () => {
  test.each([
    [
      0.094,
      0.2,
      'Another size: 8.0 mm longer than is usual for this engine, with 25 % more media; see that it clears.',
    ],
    [0.076, 0.12, 'Another size: 10.0 mm shorter than is usual for this engine, with 25 % less media.'],
    [0.076, undefined, 'Another size: 10.0 mm shorter than is usual for this engine.'],
  ])('of a can %f high', (height, area, words) => {
    expect(formatSizeOption(sizeOption({ height, area }, { height: 0.086, area: 0.16 })!)).toBe(words)
  })

  test('is not said within the spread of one size, or where nothing is known', () => {
    expect(sizeOption({ height: 0.088, area: 0.2 }, { height: 0.086, area: 0.1 })).toBeUndefined()
    expect(sizeOption({ height: undefined, area: 0.2 }, { height: 0.086, area: 0.1 })).toBeUndefined()
  })
})
