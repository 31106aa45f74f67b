import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { catalogue, characteristicOf } from '#core/catalogue/index.ts'
import { toSI } from '#core/quantity/convert.ts'
import { parseEntry } from './entry.ts'
import { saidForms } from './said-forms.fixture.ts'
import { saidRules } from './said-rules.ts'

describe('amounts as people say them (common practice, no published source)', () => {
  test('there are a hundred and fifty forms and more', () => {
    expect(saidForms.length).toBeGreaterThanOrEqual(150)
  })

  test.each(saidForms)('$characteristic: $said', ({ characteristic, said, value, half, unit }) => {
    const entry = parseEntry(characteristicOf(characteristic), { text: said })
    if (!entry.ok) throw new Error(entry.problem.message)
    const si = (number: number) => (unit === '' ? number : toSI(number, unit))
    const width = si(value + (half ?? 0.01)) - si(value)
    expect(Math.abs((entry.value.number ?? NaN) - si(value))).toBeLessThan(0.05 * width + 1e-9)
    if (half === undefined) expect(entry.value.half).toBeUndefined()
    else expect(Math.abs((entry.value.half ?? 0) - width)).toBeLessThan(0.06 * width)
  })

  test.each(saidRules)('the example of the words "$words" is read', ({ example: { characteristic, said } }) => {
    const entry = parseEntry(characteristicOf(characteristic), { text: said })
    expect(entry.ok && entry.value.saidBack).toBeTruthy()
  })

  test.each([
    ['gasket.thickness', '115,000 thick', '115 thou'],
    ['gasket.thickness', 'about 0.7', 'about 0.7 cm'],
    ['can.wall', '20 mil', '20 thou'],
    ['can.wall', '28 gauge, or the heavier of the two usual', '28 gauge'],
    ['can.wall', '28 gauge, or the heavier of the two usual', '0.02 in'],
    ['can.wall', 'the thinner of the usual two', '0.015 in'],
    ['media.width', '3.24 less a tenth', '3.14 in between the caps'],
    ['media.width', '82 mm minus 2.5', '79.5 mm between the caps'],
    ['media.width', '82 mm minus 2.5', '82 mm as cut'],
  ])('%s: %s is asked about', (characteristic, said, offer) => {
    const entry = parseEntry(characteristicOf(characteristic), { text: said })
    expect(entry.ok).toBe(false)
    if (!entry.ok) expect(entry.problem.suggestions?.map(({ text }) => text)).toContain(offer)
  })

  test.each([
    ['thread.turns', 'a lot of threads'],
    ['whole.weight', 'heavy'],
    ['whole.weight', 'about 300 furlongs'],
    ['whole.weight', 'between 300 and'],
    ['media.length', 'from here to there'],
    ['pleats.count', 'about 3000'],
    ['pleats.count', 'no idea'],
    ['can.wall', 'about 300 g'],
  ])('%s: %s is none, and is told so', (characteristic, said) => {
    const entry = parseEntry(characteristicOf(characteristic), { text: said })
    expect(entry.ok).toBe(false)
    if (!entry.ok) expect(entry.problem.message.length).toBeGreaterThan(15)
  })
})

describe('laws', () => {
  const amounts = catalogue.filter(({ kind }) => kind === 'quantity' || kind === 'count')
  const words = fc.constantFrom(
    ...(
      'about around between and to just over under a hair half quarter three forty five 12 0.5 3/8 in mm g thou ' +
      'gauge psi ish - ± ~ no , . 300 something mid more than less'
    ).split(' '),
  )

  test('whatever is said never makes it throw, and a number comes with the width that its words have', () => {
    fc.assert(
      fc.property(fc.constantFrom(...amounts), fc.array(words, { maxLength: 8 }), (characteristic, said) => {
        const entry = parseEntry(characteristic, { text: said.join(' ') })
        if (!entry.ok) {
          expect(entry.problem.message).not.toBe('')
          return
        }
        const { number = NaN, half, saidBack } = entry.value
        expect(Number.isFinite(number)).toBe(true)
        if (saidBack !== undefined) expect(half).toBeGreaterThanOrEqual(0)
      }),
      { numRuns: 3000 },
    )
  })

  test('a span of one count is that count, said back as any other', () =>
    expect(parseEntry(characteristicOf('media.layers'), { text: 'over half' })).toEqual({
      ok: true,
      value: { number: 2 },
    }))

  test('a range from a number to itself is as wide as its last figure', () => {
    const entry = parseEntry(characteristicOf('can.wall'), { text: '0.5 to 0.5 mm' })
    expect(entry).toMatchObject({ ok: true, value: { number: 0.0005, half: 0.00005 } })
  })

  test('what is said back reads the same again', () => {
    for (const { characteristic, said } of saidForms) {
      const entry = parseEntry(characteristicOf(characteristic), { text: said })
      const back = entry.ok ? entry.value.saidBack?.split(';')[0] : undefined
      if (!entry.ok || back === undefined) continue
      const again = parseEntry(characteristicOf(characteristic), { text: back })
      if (!again.ok) throw new Error(`${back}: ${again.problem.message}`)
      const [number, half] = [entry.value.number!, entry.value.half!]
      expect(Math.abs(again.value.number! - number)).toBeLessThanOrEqual(0.1 * half)
      expect(Math.abs(again.value.half! - half)).toBeLessThanOrEqual(0.1 * half)
    }
  })
})
