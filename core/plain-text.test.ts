import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { plainText } from './plain-text.ts'

describe('text beside other text', () => {
  test.each([
    ['\u202egnp.exe', 'gnp.exe'],
    ['a\u200bb\ufeff', 'ab'],
    ['a\u0000b\u001b[31m', 'ab[31m'],
    ['two\nlines\tand a tab', 'two\nlines\tand a tab'],
    ['👩‍👩‍👧‍👦 🏴‍☠️', '👩‍👩‍👧‍👦 🏴‍☠️'],
    ['Ölfilter ﷺ नमस्ते', 'Ölfilter ﷺ नमस्ते'],
    ['\ud800', '\ufffd'],
  ])('%j is %j', (typed, plain) => expect(plainText(typed)).toBe(plain))

  test('a tower of marks is cut', () => {
    expect(plainText(`a${'\u0301'.repeat(4000)}b`)).toBe(`a${'\u0301'.repeat(4)}b`)
  })

  test('is plain already once it is plain, and never longer', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary' }), (text) => {
        const plain = plainText(text)
        expect(plainText(plain)).toBe(plain)
        expect(plain.length).toBeLessThanOrEqual(text.length)
      }),
    )
  })
})
