import { expect, test } from 'vitest'
import { characteristicOf } from '#core/catalogue/index.ts'
import { crossCheck } from './cross-check.ts'
import { readings } from './readings.fixture.ts'
import { resolve } from './resolve.ts'

const known = resolve(readings({ 'media.width': '74 mm', 'whole.weight': '302 g', 'can.diameter': '76 mm' }))
const check = (key: string, number: number, unit: string) => crossCheck(characteristicOf(key), { number, unit }, known)

test.each([
  ['media.buried', 0.09, 'mm', 'Width buried in glue 90.00 mm is not less than media width, 74.00 mm'],
  ['plate.weight', 0.31, 'g', 'Base plate weight 310.0 g is not less than whole weight, 302.0 g'],
  ['element.od', 0.0781, 'mm', 'Element outer diameter 78.10 mm is not less than can diameter, 76.00 mm'],
  ['element.height', 0.07, 'mm', 'Element height 70.00 mm is not more than media width, 74.00 mm'],
])('%s of %f: a clash with what is known', (key, number, unit, message) => {
  expect(check(key, number, unit)?.message).toContain(message)
  expect(check(key, number, unit)?.code).toBe('implausible')
})

test('what fits, and what has nothing beside it, passes', () => {
  expect(check('media.buried', 0.0025, 'mm')).toBeUndefined()
  expect(check('plate.weight', 0.13, 'g')).toBeUndefined()
  expect(check('element.id', 0.03, 'mm')).toBeUndefined()
  expect(crossCheck(characteristicOf('adbv.material'), { text: 'silicone' }, known)).toBeUndefined()
})

test('a repeat that is far from the first is asked about, in the unit that was typed', () => {
  const twice = resolve(readings({ 'media.length': '26 in' }))
  const repeat = (inches: number) =>
    crossCheck(characteristicOf('media.length'), { number: inches * 0.0254, unit: 'in' }, twice)
  expect(repeat(130)).toMatchObject({
    code: 'far-repeat',
    message: 'Media length 130.000 in is far from 26.000 in, which was read before. Which one is right?',
  })
  expect(repeat(12)?.code).toBe('far-repeat')
  expect(repeat(30)).toBeUndefined()
  // What was only said roughly may be far off and still be the same.
  const rough = { number: 42 * 0.0254, half: 20 * 0.0254, unit: 'in' }
  expect(crossCheck(characteristicOf('media.length'), rough, twice)).toBeUndefined()
})

// A disc under its own spring is a thin plate: common practice, no published source.
test('a thin valve is asked about, unless it is known to be a disc', () => {
  const thin = (built: Parameters<typeof readings>[0]) =>
    crossCheck(characteristicOf('adbv.thickness'), { number: 0.0003, unit: 'mm' }, resolve(readings(built)))
  expect(thin({})?.message).toContain('0.30 mm is thin for a rubber flap')
  expect(thin({ 'adbv.build': 'flap' })?.code).toBe('implausible')
  expect(thin({ 'adbv.build': 'disc' })).toBeUndefined()
})
