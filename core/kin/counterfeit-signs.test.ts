import { describe, expect, test } from 'vitest'
import { readings } from '#core/teardown/readings.fixture.ts'
import { resolve } from '#core/teardown/resolve.ts'
import { codeForm, counterfeitSigns } from './counterfeit-signs.ts'

const specimen = (id: string, typed: Parameters<typeof readings>[0]) => ({
  id,
  assessment: { values: resolve(readings(typed)) },
})
const good = specimen('A', {
  'box.closure': ['glue-lines'],
  'box.datecode': ['L26-251'],
  'whole.weight': ['305 g'],
  'can.height': ['86.5 mm'],
})
const signsOf = (typed: Parameters<typeof readings>[0], beside = [good]) =>
  counterfeitSigns('spin-on', specimen('B', typed), beside, new Map())

describe('signs of a box that is not what it says', () => {
  test('another closure, another form of code, and a weight far from what units differ by', () => {
    const signs = signsOf({
      'box.closure': ['flap'],
      'box.datecode': ['2026 W11'],
      'whole.weight': ['235 g'],
      'can.height': ['86.8 mm'],
    })
    expect(signs.map(({ key }) => key)).toEqual(['box.closure', 'box.datecode', 'whole.weight'])
    expect(signs[0]!.times).toBeUndefined()
    expect(signs[2]!.times).toBeGreaterThan(1)
  })

  test('another date is no sign, nor what lies within units of one product', () => {
    expect(signsOf({ 'box.datecode': ['M25-004'], 'whole.weight': ['303 g'], 'box.closure': ['glue-lines'] })).toEqual(
      [],
    )
  })

  test('what one of the good ones has is no sign', () => {
    const other = specimen('C', { 'box.closure': ['flap'] })
    expect(signsOf({ 'box.closure': ['flap'] }, [good, other])).toEqual([])
  })

  test('without a good one, or with nothing known of both, there is none', () => {
    expect(signsOf({ 'box.closure': ['flap'] }, [])).toEqual([])
    expect(signsOf({ 'can.wall': ['0.4 mm'] })).toEqual([])
  })
})

test.each([
  ['L26-251', 'A99-999'],
  [' b8938 ', 'A9999'],
  ['2026 W11', '9999 A99'],
])('the form of %s', (code, form) => {
  expect(codeForm(code)).toBe(form)
})
