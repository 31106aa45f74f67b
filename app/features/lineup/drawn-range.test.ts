import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { inBlocks, isWithin } from './drawn-range.ts'

const table = fc
  .record({ count: fc.integer({ min: 1, max: 600 }), block: fc.integer({ min: 1, max: 20 }) })
  .chain(({ count, block }) =>
    fc.record({
      count: fc.constant(count),
      block: fc.constant(block),
      from: fc.integer({ min: 0, max: count - 1 }),
      lines: fc.integer({ min: 1, max: 40 }),
    }),
  )

describe('what is drawn of a long table', () => {
  test('is in whole blocks, one ahead on either side', () => {
    expect(inBlocks({ from: 20, to: 44 }, 8, 143)).toEqual({ from: 8, to: 56 })
    expect(inBlocks({ from: 0, to: 24 }, 8, 143)).toEqual({ from: 0, to: 32 })
    expect(inBlocks({ from: 125, to: 143 }, 8, 143)).toEqual({ from: 112, to: 143 })
  })

  test('has all that is in sight, a block beyond it, and nothing that the table has not', () => {
    fc.assert(
      fc.property(table, ({ count, block, from, lines }) => {
        const sight = { from, to: Math.min(count, from + lines) }
        const drawn = inBlocks(sight, block, count)
        expect(isWithin(sight, drawn, block, count)).toBe(true)
        expect(drawn.from).toBeGreaterThanOrEqual(0)
        expect(drawn.to).toBeLessThanOrEqual(count)
        expect(drawn.to - drawn.from).toBeLessThan(lines + 4 * block)
      }),
    )
  })

  test('does until what is in sight comes near its end', () => {
    const drawn = { from: 8, to: 56 }
    expect(isWithin({ from: 20, to: 44 }, drawn, 4, 143)).toBe(true)
    expect(isWithin({ from: 29, to: 53 }, drawn, 4, 143)).toBe(false)
    expect(isWithin({ from: 11, to: 35 }, drawn, 4, 143)).toBe(false)
  })

  test('does to the ends of the table', () => {
    expect(isWithin({ from: 0, to: 24 }, { from: 0, to: 32 }, 4, 143)).toBe(true)
    expect(isWithin({ from: 119, to: 143 }, { from: 104, to: 143 }, 4, 143)).toBe(true)
  })
})
