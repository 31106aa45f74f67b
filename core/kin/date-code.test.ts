import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { madeBetween, formatMadeIn, readDateCode, readingsOfDateCode, shelfMonths, teachDateCode } from './date-code.ts'

const seen = '2026-11-01'

describe('a date code by a template', () => {
  test.each([
    ['26061', '{YY}{DDD}', '2026-03-02'],
    ['24366', '{YY}{DDD}', '2024-12-31'],
    ['25366', '{YY}{DDD}', undefined],
    ['C24', '{M}{YY}', '2024-03'],
    ['2025 W09', '{YYYY} W{WW}', '2025-02-24 to 2025-03-02'],
    ['L6-12.04', '{@}{Y}-{DD}.{MM}', '2026-04-12'],
    ['7103', '{Y}{DDD}', '2017-04-13'],
    ['31.02.25', '{DD}.{MM}.{YY}', undefined],
    ['2027-01-01', '{YYYY}-{MM}-{DD}', undefined],
  ])('%s by %s', (code, template, means) => {
    const made = readDateCode(code, template, seen)
    expect(made && formatMadeIn(made)).toBe(means)
  })

  // ISO 8601: 2020 has 53 weeks, the last of which ends in 2021; 2021 has 52.
  test('weeks as ISO 8601 has them', () => {
    expect(readDateCode('2053', '{YY}{WW}', seen)).toEqual({ from: '2020-12-28', to: '2021-01-03' })
    expect(readDateCode('2153', '{YY}{WW}', seen)).toBeUndefined()
    expect(readDateCode('2501', '{YY}{WW}', seen)).toEqual({ from: '2024-12-30', to: '2025-01-05' })
  })

  test('signs of a template are no pattern, and no text makes it throw', () => {
    expect(readDateCode('2X26', '2.{YY}', seen)).toBeUndefined()
    fc.assert(fc.property(fc.string(), fc.string(), (code, template) => void readDateCode(code, template, seen)))
  })

  test('every day of a year is read again from its code', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 6000 }), (days) => {
        const day = new Date(Date.UTC(2010, 0, 1) + days * 86_400_000).toISOString().slice(0, 10)
        const [year, month, date] = day.split('-') as [string, string, string]
        expect(readDateCode(`${date}${month}${year}`, '{DD}{MM}{YYYY}', '2070-01-01')).toEqual({ from: day, to: day })
      }),
    )
  })
})

describe('taught by two codes', () => {
  test.each([
    [['26061', '2026-03-02'], ['25360', '2025-12-26'], ['{YY}{DDD}']],
    [['C24', '2024-03'], ['K25', '2025-11'], ['{M}{YY}']],
    [['L26-251', '2026-09-08'], ['A25-044', '2025-02-13'], ['{@}{YY}-{DDD}']],
    [['2025 W09', '2025-02'], ['2024 W34', '2024-08'], ['{YYYY} {@}{WW}']],
  ] as const)('%j and %j', (one, other, templates) => {
    const taught = [one, other].map(([code, means]) => ({ code, means }))
    const result = teachDateCode(taught, seen)
    expect(result.ok && result.value.filter((template) => (templates as readonly string[]).includes(template))).toEqual(
      templates,
    )
  })

  test('every template that is offered reads both as they were said to be', () => {
    const taught = [
      { code: '240611', means: '2024-06-11' },
      { code: '251210', means: '2025-12-10' },
    ]
    const result = teachDateCode(taught, seen)
    expect(result.ok).toBe(true)
    for (const template of result.ok ? result.value : [])
      for (const { code, means } of taught) expect(readDateCode(code, template, seen)?.from).toBe(means)
  })

  test.each([
    [[['26061', '2026-03-02']], 'It takes two codes with what they mean.'],
    [
      [
        ['26061', '2026-03-02'],
        ['26061', '2026-03-02'],
      ],
      'It takes two codes that differ.',
    ],
    [
      [
        ['26061', '2026-07-19'],
        ['25360', '2025-12-26'],
      ],
      'No template reads both codes so.',
    ],
    [
      [
        ['12345678901234567', '2026-07-19'],
        ['1', '2025-12-26'],
      ],
      'A code has at most 16 signs.',
    ],
  ])('what cannot be taught says why', (codes, message) => {
    const result = teachDateCode(
      codes.map(([code = '', means = '']) => ({ code, means })),
      seen,
    )
    expect(result.ok ? '' : result.problem.message).toContain(message)
  })

  test('a code that templates read differently gives all readings', () => {
    expect(readingsOfDateCode('1112', ['{YY}{MM}', '{MM}{YY}'], seen).map(formatMadeIn)).toEqual(['2011-12', '2012-11'])
  })
})

test('how long it lay on a shelf', () => {
  expect(shelfMonths({ from: '2024-03-01', to: '2024-03-31' }, '2026-03-16')).toBe(24)
  expect(shelfMonths({ from: '2026-03-01', to: '2026-03-31' }, '2026-03-02')).toBe(0)
})

test('oldest and newest are of codes that have one meaning', () => {
  const [march, july, odd] = [
    { from: '2025-03-01', to: '2025-03-31' },
    { from: '2026-07-19', to: '2026-07-19' },
    { from: '2011-12-01', to: '2011-12-31' },
  ]
  expect(madeBetween([[july!], [odd!, march!], [march!]])).toEqual({ oldest: march, newest: july })
  expect(madeBetween([[march!], [march!]])).toBeUndefined()
  expect(madeBetween([[march!], [odd!, july!], []])).toBeUndefined()
})
