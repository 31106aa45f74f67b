import { describe, expect, test } from 'vitest'
import { clip, parseNumber } from './number.ts'

describe('numbers as they are said on a bench', () => {
  test.each([
    ['0.49', 0.49],
    [' 0.49 ', 0.49],
    ['.49', 0.49],
    ['7.', 7],
    ['0,49', 0.49],
    ['-0,49', -0.49],
    ['−0.49', -0.49],
    ['+0,5', 0.5],
    ['0,125', 0.125],
    ['1234,5', 1234.5],
    ['12,34', 12.34],
    ['1 336', 1336],
    ["1'336.5", 1336.5],
    ['1’336', 1336],
    ['-1 336 000', -1_336_000],
    ['5 1/8', 5.125],
    ['5-1/8', 5.125],
    ['-1/8', -0.125],
    ['-5 1/8', -5.125],
    ['1 / 8', 0.125],
    ['4½', 4.5],
    [' ½', 0.5],
    ['2 ¼', 2.25],
  ])('"%s" is %f', (text, number) => {
    expect(parseNumber(text)).toEqual({ ok: true, value: number })
  })

  test.each([
    ['', 'empty', 'Type a number first.'],
    ['   ', 'empty', 'Type a number first.'],
    ['thick', 'not-a-number', '"thick" is not a number I can read. Try 0.49, 56 1/4 or 5-1/8.'],
    ['1/0', 'zero-division', '"1/0" divides by zero.'],
    ['1.2.3', 'not-a-number', '"1.2.3" is not a number I can read. Try 0.49, 56 1/4 or 5-1/8.'],
    ['1,2,3', 'not-a-number', '"1,2,3" is not a number I can read. Try 0.49, 56 1/4 or 5-1/8.'],
    ['a0,5', 'not-a-number', '"a0,5" is not a number I can read. Try 0.49, 56 1/4 or 5-1/8.'],
    ['0,5b', 'not-a-number', '"0,5b" is not a number I can read. Try 0.49, 56 1/4 or 5-1/8.'],
  ])('"%s" is refused: %s', (text, code, message) => {
    expect(parseNumber(text)).toEqual({ ok: false, problem: { code, message } })
  })

  test.each([
    ['1,336', ['1.336', '1336']],
    ['-12,500', ['-12.500', '-12500']],
    ['+999,000', ['+999.000', '+999000']],
  ])('"%s" can be read two ways, and both are offered', (text, readings) => {
    expect(parseNumber(text)).toEqual({
      ok: false,
      problem: {
        code: 'ambiguous-comma',
        message: `"${text}" can be read two ways. ${readings[0]} or ${readings[1]}?`,
        suggestions: readings.map((reading) => ({ text: reading, label: reading })),
      },
    })
  })

  test.each(['1234,567', '1,336,000', 'x1,336', '1,336x'])('"%s" is not asked about', (text) => {
    const parsed = parseNumber(text)
    expect(parsed.ok ? 'taken' : parsed.problem.code).not.toBe('ambiguous-comma')
  })
})

test('long text is cut for a message, text that fits is not', () => {
  expect(clip('x'.repeat(40))).toBe('x'.repeat(40))
  expect(clip('x'.repeat(41))).toBe(`${'x'.repeat(40)}…`)
  expect(clip('abcdef', 3)).toBe('abc…')
})
