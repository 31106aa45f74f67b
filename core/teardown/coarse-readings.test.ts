import { describe, expect, test } from 'vitest'
import { characteristicOf } from '#core/catalogue/index.ts'
import { rectangular } from '#core/quantity/repeats.ts'
import { standardUncertainty } from '#core/quantity/uncertain.ts'
import { parseEntry } from './entry.ts'
import { readings } from './readings.fixture.ts'
import { resolve } from './resolve.ts'

describe('what was only said roughly', () => {
  test('counts by its width while there is nothing sharper, the narrower the more', () => {
    const said = resolve(readings({ 'whole.weight': ['about 300 g', '302 g give or take 5'] })).get('whole.weight')
    // By hand: 15 and 5 are rectangles; weights 1/15² and 1/5².
    const weights = [1 / 15 ** 2, 1 / 5 ** 2]
    const whole = weights[0]! + weights[1]!
    expect(said?.number?.value).toBeCloseTo((0.3 * weights[0]! + 0.302 * weights[1]!) / whole, 9)
    expect(standardUncertainty(said!.number!)).toBeCloseTo(rectangular(0.001 / Math.sqrt(whole)), 9)
  })

  test('stands aside as soon as something was measured', () => {
    const known = resolve(readings({ 'whole.weight': ['about 280 g', '302.4 g'] }))
    expect(known.get('whole.weight')?.number?.value).toBeCloseTo(0.3024, 9)
    expect(known.get('whole.weight')?.readings).toHaveLength(2)
  })

  test('a count that was not counted out is uncertain by what was said', () => {
    expect(
      standardUncertainty(resolve(readings({ 'pleats.count': 'in the mid forties' })).get('pleats.count')!.number!),
    ).toBeCloseTo(rectangular(2), 9)
  })
})

// Common practice, no published source: plates are ordinary at 10 gauge, cans at 26 to 28.
describe('a gauge', () => {
  const said = (key: string, text: string) => parseEntry(characteristicOf(key), { text })

  test.each([
    ['plate.thickness', '10 gauge', 0.003416],
    ['plate.thickness', '11 ga', 0.003037],
    ['can.wall', '26 gauge', 0.000456],
    ['can.wall', '28 gauge', 0.00038],
  ])('%s of %s is ordinary', (key, text, thickness) => {
    const entry = said(key, text)
    expect(entry.ok && entry.value.number).toBeCloseTo(thickness, 5)
    expect(entry.ok && entry.value.half).toBeGreaterThan(0)
  })

  test.each([
    ['plate.thickness', '26 gauge'],
    ['can.wall', '10 gauge'],
  ])('%s of %s is asked about, and taken when it is so', (key, text) => {
    expect(said(key, text)).toMatchObject({ ok: false, problem: { code: 'implausible' } })
    expect(parseEntry(characteristicOf(key), { text, insist: true })).toMatchObject({ ok: true })
  })
})
