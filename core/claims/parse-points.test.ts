import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { parseInterval, formatInterval } from '#core/quantity/interval.ts'
import { parsePoints, formatPoints } from './parse-points.ts'

describe('efficiency pairs as they are printed', () => {
  test.each([
    ['99 at 20', [[0.99, 'equal', 20e-6]]],
    [
      '99% @ 20 µm, 94% @ 15 um and 74 at 10',
      [
        [0.99, 'equal', 20e-6],
        [0.94, 'equal', 15e-6],
        [0.74, 'equal', 10e-6],
      ],
    ],
    ['98,7+ % at 20', [[0.987, 'plus', 20e-6]]],
    ['up to 99 % at 25 microns', [[0.99, 'up-to', 25e-6]]],
    [
      'at least 95 for 20; ≥ 90 at 15',
      [
        [0.95, 'at-least', 20e-6],
        [0.9, 'at-least', 15e-6],
      ],
    ],
    ['99 at ?', [[0.99, 'equal', null]]],
    ['? at 20', [[null, 'equal', 20e-6]]],
  ])('%s', (text, pairs) => {
    const read = parsePoints(text)
    expect(
      read.ok &&
        read.value.map(({ share, saying, size }) => [
          share,
          saying,
          size === null ? null : Number(size.toPrecision(6)),
        ]),
    ).toEqual(pairs)
  })

  test.each([
    ['', 'Write the percentage'],
    ['99', 'has no particle size'],
    ['101 at 20', '101 % cannot be'],
    ['99 at 0', 'is no particle size'],
    ['99 at 5000', 'is no particle size'],
    ['? at ?', 'says nothing'],
    ['clean oil', 'is no percentage at a size'],
  ])('"%s" is refused', (text, words) => {
    const read = parsePoints(text)
    expect(!read.ok && read.problem.message).toContain(words)
  })

  test.each([
    ['  99   at 20  and   94 at 15 ', 2],
    ['99 at 20,   94 at 15', 2],
    ['1 at 1; 2 at 2; 3 at 3; 4 at 4; 5 at 5; 6 at 6; 7 at 7; 8 at 8', 8],
    ['99 at 500', 1],
    ['0 at 20', 1],
    ['100 at 20', 1],
  ])('"%s" has %i pairs', (text, count) => {
    const read = parsePoints(text)
    expect(read.ok && read.value.length).toBe(count)
  })

  test.each([
    ['', 'empty', 'Write the percentage and the particle size: 99 at 20.'],
    ['99 up', 'not-a-pair', '"99 up" is no percentage at a size. Write 99 at 20, 98.7+ at 15, or "up to 99 at 25".'],
    ['99.5', 'no-size', '"99.5" has no particle size. If none is printed, write 99.5 at ?.'],
    ['? at ?', 'nothing', 'A pair with neither percentage nor size says nothing.'],
    ['99 at 501', 'size', '501 µm is no particle size for an oil filter: they run from 1 to 100 µm or so.'],
    ['99 at 0', 'size', '0 µm is no particle size for an oil filter: they run from 1 to 100 µm or so.'],
    ['100.1 at 20', 'percent', '100.1 % cannot be: a filter stops from 0 to 100 %.'],
    ['1.2.3 at 20', 'not-a-number', '"1.2.3" is not a number I can read. Try 0.49, 56 1/4 or 5-1/8.'],
    ['99 at 1.2.3', 'not-a-number', '"1.2.3" is not a number I can read. Try 0.49, 56 1/4 or 5-1/8.'],
    [Array(9).fill('99 at 20').join('; '), 'too-many', 'At most 8 pairs in one claim.'],
  ])('"%s" is refused in words', (text, code, message) => {
    expect(parsePoints(text)).toEqual({ ok: false, problem: { code, message } })
  })

  test('what is written reads back the same', () => {
    const point = fc.record({
      share: fc.option(fc.integer({ min: 0, max: 1000 }).map((tenths) => tenths / 1000)),
      saying: fc.constantFrom('equal', 'at-least', 'plus', 'up-to'),
      size: fc.integer({ min: 1, max: 100 }).map((um) => um / 1e6),
    })
    fc.assert(
      fc.property(fc.array(point, { minLength: 1, maxLength: 6 }), (points) => {
        const read = parsePoints(formatPoints(points as never))
        expect(read.ok && read.value).toEqual(points)
      }),
    )
  })
})

describe('intervals as they are said', () => {
  test.each([
    ['15000 km or 12 months', 15e6, 12],
    ['10 000 mi', 16_093_440, null],
    ['1 year', null, 12],
    ['20 000 km / 24 months', 20e6, 24],
  ])('%s', (text, distance, months) => {
    const read = parseInterval(text)
    expect(read.ok && read.value.months).toBe(months)
    if (distance === null) expect(read.ok && read.value.distance).toBeNull()
    else expect(read.ok && read.value.distance).toBeCloseTo(distance, 3)
  })

  test.each([
    ['20000', '"20000" of what?'],
    ['5 km', 'is no interval'],
    ['15 g', 'g is a weight'],
    ['600 months', 'is no interval'],
    ['', 'Write a distance'],
  ])('"%s" is refused', (text, words) => {
    const read = parseInterval(text)
    expect(!read.ok && read.problem.message).toContain(words)
  })

  test('said again', () => expect(formatInterval({ distance: 15e6, months: 1 }, 'km')).toBe('15,000 km or 1 month'))
})
