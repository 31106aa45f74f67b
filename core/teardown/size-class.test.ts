import { describe, expect, test } from 'vitest'
import { characteristicOf, sized, sizeClasses } from '#core/catalogue/index.ts'
import { parseEntry } from './entry.ts'
import { readings } from './readings.fixture.ts'
import { resolve } from './resolve.ts'
import { sizeClassOf, sizeClassOfLineup } from './size-class-of.ts'
import { weightsSoFar } from './weights.ts'

const known = (typed: Record<string, string>) => resolve(readings(typed))

describe('the size class', () => {
  test.each([
    ['spin-on', { 'can.diameter': '76 mm', 'can.height': '85 mm' }, 'car'],
    ['spin-on', { 'can.height': '180 mm' }, 'large-diesel'],
    ['spin-on', { 'can.diameter': '95 mm' }, 'large-diesel'],
    ['spin-on', { 'can.diameter': '58 mm' }, 'small-engine'],
    ['spin-on', { 'can.diameter': '76 mm', 'media.length': '2.2 m' }, 'car'],
    ['spin-on', { 'media.length': '2.2 m' }, 'large-diesel'],
    ['spin-on', { 'element.od': '48 mm' }, 'small-engine'],
    ['cartridge', { 'element.od': '62 mm' }, 'small-cartridge'],
    ['cartridge', { 'element.height': '210 mm' }, 'large-cartridge'],
    ['spin-on', { 'can.wall': '0.6 mm' }, undefined],
  ] as const)('%s, %j: %s', (form, typed, found) => {
    expect(sizeClassOf(form, '', known(typed))).toBe(found)
  })

  test('that was chosen goes before what sizes say, and one of the other form is none', () => {
    expect(sizeClassOf('spin-on', 'car', known({ 'can.height': '180 mm' }))).toBe('car')
    expect(sizeClassOf('spin-on', 'large-cartridge', known({ 'can.height': '180 mm' }))).toBe('large-diesel')
    expect(sizeClassOf('spin-on', 'large-diesel', new Map())).toBe('large-diesel')
  })

  test('of an engine is that of most of its filters', () => {
    const large = known({ 'can.height': '180 mm' })
    expect(sizeClassOfLineup('spin-on', '', [known({ 'can.height': '85 mm' }), large, large])).toBe('large-diesel')
    expect(sizeClassOfLineup('spin-on', '', [])).toBeUndefined()
    expect(sizeClassOfLineup('spin-on', 'car', [])).toBe('car')
  })
})

// Common practice, no published source: a large diesel can has a wall of 0.6 mm, media over 2 m long and about 92 mm
// wide, 3 threads and a drain-back disc of 0.78 mm.
describe('nothing of a large can is unusual because cars are smaller', () => {
  const large = (key: string) => sized(characteristicOf(key), 'large-diesel')

  test.each([
    ['can.wall', '0.6 mm'],
    ['media.length', '2.2 m'],
    ['media.width', '92 mm'],
    ['thread.turns', '3'],
    ['adbv.thickness', '0.78 mm'],
  ])('%s %s', (key, text) => {
    const one = large(key)
    expect(parseEntry(one, { text }).ok).toBe(true)
    const entry = parseEntry(one, { text })
    const { number = NaN } = entry.ok ? entry.value : {}
    if (one.kind !== 'quantity' && one.kind !== 'count') throw new Error(key)
    expect(number).toBeGreaterThanOrEqual(one.typical[0])
    expect(number).toBeLessThanOrEqual(one.typical[1])
  })

  test('while the class is not known, whatever one of them has is asked about by none', () => {
    for (const text of ['0.24 m', '5.5 m']) {
      expect(parseEntry(characteristicOf('media.length'), { text }).ok).toBe(false)
      expect(parseEntry(sized(characteristicOf('media.length'), undefined), { text }).ok).toBe(true)
    }
    expect(parseEntry(sized(characteristicOf('media.length'), 'car'), { text: '5.5 m' }).ok).toBe(false)
  })

  test('a class only widens what is plausible, and what is typical lies within it', () => {
    for (const { key: sizeClass, form } of sizeClasses)
      for (const key of ['can.height', 'whole.weight', 'media.length', 'pleats.count', 'element.od']) {
        const plain = characteristicOf(key)
        const one = sized(plain, sizeClass)
        if (!('typical' in one) || !('typical' in plain) || !plain.forms.includes(form)) continue
        expect(one.plausible[0]).toBeLessThanOrEqual(plain.plausible[0])
        expect(one.plausible[1]).toBeGreaterThanOrEqual(plain.plausible[1])
        expect(one.typical[0]).toBeGreaterThan(one.plausible[0])
        expect(one.typical[1]).toBeLessThan(one.plausible[1])
      }
  })

  test('the parts of a large can may weigh what is left of it', () => {
    const typed = { 'can.height': '200 mm', 'whole.weight': '1400 g', 'plate.weight': '400 g', 'can.weight': '420 g' }
    expect(weightsSoFar('spin-on', known(typed)).state).toBe('in hand')
    const car = { ...typed, 'can.height': '85 mm' }
    expect(weightsSoFar('spin-on', known(car)).state).toBe('unweighed')
  })
})
