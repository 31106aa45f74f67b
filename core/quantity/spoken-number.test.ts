import fc from 'fast-check'
import { expect, test } from 'vitest'
import { spellNumbers } from './spoken-number.ts'

test.each([
  ['three and an eighth', '3 1/8'],
  ['37 and a half inches', '37 1/2 inches'],
  ['48 and a quarter', '48 1/4'],
  ['four and a half threads', '4 1/2 threads'],
  ['forty-one and three quarters', '41 3/4'],
  ['point six four of a mil', '0.64 of a mil'],
  ['zero point four seven', '0.47'],
  ['one point oh five', '1.05'],
  ['two point forty', '2.4'],
  ['a hundred and twelve', '112'],
  ['one hundred twelve', '112'],
  ['two thousand three hundred and four', '2304'],
  ['twenty-eight', '28'],
  ['mid forties', 'mid 40s'],
  ['half an inch', '1/2 inch'],
  ['a quarter of an inch', '1/4 inch'],
  ['three sixteenths', '3/16'],
  ['seventeen thousandths', '17 thousandths'],
  ['a hair over four', 'a hair over 4'],
  ['about 300 g', 'about 300 g'],
  ['five forty', '5 40'],
  ['a lot of threads', 'a lot of threads'],
])('%s', (said, written) => {
  expect(spellNumbers(said)).toBe(written)
})

test('whole numbers below a thousand come back as they were said', () => {
  const words = (n: number): string => {
    const small =
      'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen'
        .concat(' seventeen eighteen nineteen')
        .split(' ')
    const tens = '0 0 twenty thirty forty fifty sixty seventy eighty ninety'.split(' ')
    if (n < 20) return small[n]!
    if (n < 100) return n % 10 === 0 ? tens[n / 10]! : `${tens[Math.floor(n / 10)]!}-${small[n % 10]!}`
    const rest = n % 100 === 0 ? '' : ` and ${words(n % 100)}`
    return `${small[Math.floor(n / 100)]!} hundred${rest}`
  }
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 999 }), (n) => {
      expect(spellNumbers(words(n))).toBe(String(n))
    }),
  )
})

test('no text makes it throw', () => {
  fc.assert(
    fc.property(fc.string(), (text) => {
      expect(typeof spellNumbers(text)).toBe('string')
    }),
  )
})
