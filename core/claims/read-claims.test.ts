import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { toSI } from '#core/quantity/convert.ts'
import type { ClaimKind, ClaimParts } from './claim.ts'
import { readClaims } from './read-claims.ts'

const read = (text: string, unit: 'km' | 'mi' = 'km') => readClaims(text, unit)
const one = (text: string, unit: 'km' | 'mi' = 'km') => read(text, unit)[0]!
const pairs = (text: string) =>
  one(text).parts.points?.map(({ share, saying, size }) => [
    share === null ? null : Number((share * 100).toFixed(4)),
    saying,
    size === null ? null : Number((size * 1e6).toFixed(4)),
  ])

// Wordings of boxes and pages; common practice, no published source.
describe('efficiency', () => {
  test.each<[string, unknown[]]>([
    ['99% @ 20 µm', [[99, 'equal', 20]]],
    ['98 plus percent down to 28 microns', [[98, 'at-least', 28]]],
    ['98%+ at 25 microns', [[98, 'plus', 25]]],
    ['97 percent 25 microns', [[97, 'equal', 25]]],
    ['rated 14 micron', [[null, 'equal', 14]]],
    [
      '98, 97, 96 percent at 30, 20, 10',
      [
        [98, 'equal', 30],
        [97, 'equal', 20],
        [96, 'equal', 10],
      ],
    ],
    ['Up to 99.5 % at 25 microns', [[99.5, 'up-to', 25]]],
    ['at least 95 percent efficient at 30 microns', [[95, 'at-least', 30]]],
    ['captures 99% of particles 20 microns and larger', [[99, 'equal', 20]]],
    [
      '95%+ at 20 microns and 98% at 30 microns',
      [
        [95, 'plus', 20],
        [98, 'equal', 30],
      ],
    ],
    ['99% efficiency', [[99, 'equal', null]]],
    ['98,7 % bei 20 µm', [[98.7, 'equal', 20]]],
    [
      '99 at 20, 94 at 15',
      [
        [99, 'equal', 20],
        [94, 'equal', 15],
      ],
    ],
    ['ninety nine percent at twenty microns', [[99, 'equal', 20]]],
  ])('%s', (text, points) => {
    expect(one(text).kind).toBe('efficiency')
    expect(pairs(text)).toEqual(points)
  })

  test('the test is named as it is printed, with its passes', () => {
    expect(one('99% at 20 microns per ISO 4548-12, multi-pass').parts).toMatchObject({
      standard: 'ISO 4548-12',
      pass: 'multi',
    })
    expect(one('98 % at 30 µm (SAE J1858)').parts.standard).toBe('SAE J1858')
  })

  test('a size without a percentage is kept, and said to compare with nothing', () =>
    expect(one('rated 14 micron').doubt).toContain('nothing that can be compared'))
})

describe('everything else that has a figure', () => {
  test.each<[string, ClaimKind, ClaimParts]>([
    ['18,000 or a year, whichever comes first', 'interval', { distance: 18e6, months: 12 }],
    ['20k miles or 12 mo', 'interval', { distance: toSI(20_000, 'mi'), months: 12 }],
    [
      '6,500 miles or 4 months, half of that when towing',
      'interval',
      { distance: toSI(6500, 'mi'), months: 4, severeShare: 0.5 },
    ],
    ['15000 km or 12 months, towing halves both', 'interval', { distance: 15e6, months: 12, severeShare: 0.5 }],
    ['15000 km or 12 months, not for towing', 'interval', { distance: 15e6, months: 12, notSevere: true }],
    ['15000 km with synthetic oil', 'interval', { distance: 15e6, oil: 'synthetic oil' }],
    ['250 hours', 'interval', { hours: 250 }],
    ['every year', 'interval', { months: 12 }],
    ['two years or 30 000 km', 'interval', { distance: 30e6, months: 24 }],
    ["See your owner's manual", 'interval', {}],
    ['11 gallons a minute', 'flow', { amount: toSI(11, 'gal/min') }],
    ['flows 40 L/min', 'flow', { amount: toSI(40, 'L/min') }],
    ['Holds 21 grams of dirt', 'capacity', { amount: 0.021 }],
    ['Bypass opens at 12 psi', 'bypass', { amount: toSI(12, 'psi') }],
    ['Burst strength 350 psi', 'burst', { amount: toSI(350, 'psi') }],
    ['35 to 55 psi', 'bypass', { amount: toSI(35, 'psi') }],
    ['-40 to 135 °C', 'temperature', { low: 233.15, high: 408.15 }],
    ['a 240-degree rubber', 'temperature', { high: toSI(240, '°F') }],
    ['minus 60 up to, I think, 350 or 400 degrees', 'temperature', { low: toSI(-60, '°F'), high: toSI(400, '°F') }],
    ['Full synthetic media', 'construction', { promise: { characteristic: 'media.type', answer: 'synthetic' } }],
    [
      'Silicone anti-drain-back valve',
      'construction',
      { promise: { characteristic: 'adbv.material', answer: 'silicone' } },
    ],
    ['Pleated synthetic blend media', 'media', {}],
    ['Holds 30 % more dirt than the leading brand', 'rival', { rival: 'the leading brand' }],
    ['Filters 40 % better', 'relative', {}],
    ['Core collapse pressure 200 psi', 'collapse', { amount: toSI(200, 'psi') }],
    ['Made for full synthetic motor oils', 'oil', {}],
    ['Hand tighten three quarters of a turn', 'fitting', {}],
    ['The best protection money buys', 'slogan', {}],
  ])('%s: %s', (text, kind, parts) => {
    const claim = one(text)
    expect(claim.kind).toBe(kind)
    expect(Object.keys(claim.parts).sort()).toEqual(Object.keys(parts).sort())
    for (const [key, value] of Object.entries(parts)) {
      const got = claim.parts[key as keyof ClaimParts]
      if (typeof value === 'number') expect(got).toBeCloseTo(value, 6)
      else expect(got).toEqual(value)
    }
  })

  test('a distance without a unit is in that of the market, and said to be guessed', () => {
    expect(one('18,000 or a year', 'mi').parts.distance).toBeCloseTo(toSI(18_000, 'mi'), 3)
    expect(one('18,000 or a year', 'mi').doubt).toBe('no unit is said: mi is taken')
  })

  test.each(['12 psi', '35 to 55 psi', '14 g', 'minus 60 to 350 degrees', "see the owner's manual"])(
    '%s: what is guessed is told',
    (text) => expect(one(text).doubt).toBeTruthy(),
  )
})

describe('several at once', () => {
  test('one line holds an efficiency with its test and an interval', () => {
    expect(read('99% @ 20 µm, ISO 4548-12, 20,000 mi or 12 mo')).toMatchObject([
      { kind: 'efficiency', parts: { standard: 'ISO 4548-12' } },
      { kind: 'interval', parts: { months: 12 } },
    ])
  })

  test('a pasted page is read line by line, marks at their beginning left away', () => {
    const page = '• 99% at 20 microns\n\n- Holds 21 g of dirt\n  * Full synthetic media  '
    expect(read(page).map(({ kind, words }) => [kind, words])).toEqual([
      ['efficiency', '99% at 20 microns'],
      ['capacity', 'Holds 21 g of dirt'],
      ['construction', 'Full synthetic media'],
    ])
  })

  test('no text is too odd or too long, and every claim keeps its words', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        for (const { words } of read(text)) expect(text).toContain(words.slice(0, 20).trim())
      }),
    )
    expect(read('99% at 20\n'.repeat(5000))).toHaveLength(60)
    expect(one(`${'9'.repeat(5000)}% at 20`).kind).toBeTruthy()
  })
})
