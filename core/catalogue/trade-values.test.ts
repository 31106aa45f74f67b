import { describe, expect, test } from 'vitest'
import { toSI } from '#core/quantity/convert.ts'
import {
  catalogueFor,
  characteristicOf,
  filterParts,
  irreversibleSteps,
  irreversibleStepAfter,
  optionsOf,
  stations,
  type FilterForm,
  type StationKey,
} from './index.ts'
import { cautions } from './cautions.ts'

const rangeOf = (key: string) => {
  const characteristic = characteristicOf(key)
  if (!('typical' in characteristic)) throw new Error(`${key} has no range`)
  return characteristic
}

// Common practice, no published source: what passenger-car spin-ons and a large diesel can measure.
describe('whatever the trade calls usual is taken without a question', () => {
  test.each([
    ['whole.weight', 220, 350, 'g'],
    ['can.wall', 0.36, 0.6, 'mm'],
    ['gasket.thickness', 0.12, 0.183, 'in'],
    ['media.length', 31, 60, 'in'],
    ['media.width', 2.7, 3.4, 'in'],
    ['media.thickness', 0.5, 0.95, 'mm'],
    ['plate.weight', 100, 180, 'g'],
    ['can.weight', 55, 95, 'g'],
    ['element.weight', 35, 110, 'g'],
    ['spring.weight', 8, 10, 'g'],
    ['media.weight', 17, 28, 'g'],
    ['bypass.printed', 15, 80, 'psi'],
  ])('%s from %f to %f %s', (key, low, high, unit) => {
    const [least, most] = rangeOf(key).plausible
    expect(toSI(low, unit)).toBeGreaterThanOrEqual(least)
    expect(toSI(high, unit)).toBeLessThanOrEqual(most)
  })

  test.each([
    ['pleats.count', 36, 65],
    ['thread.turns', 3, 5],
  ])('%s from %f to %f', (key, low, high) => {
    const [least, most] = rangeOf(key).plausible
    expect([low >= least, high <= most]).toEqual([true, true])
  })

  test('a large diesel can: a wall of 0.6 mm, media over 2 m long', () => {
    expect(rangeOf('can.wall').plausible[1]).toBeGreaterThanOrEqual(0.0006)
    expect(rangeOf('media.length').plausible[1]).toBeGreaterThan(2)
  })

  test('a caliper reading in millimetres kept as inches is never usual: 0.49 in is no can wall', () => {
    expect(toSI(0.49, 'in')).toBeGreaterThan(rangeOf('can.wall').plausible[1] * 4)
  })
})

// Common practice, no published source: the order of work.
describe('each thing is recorded where the work comes past it', () => {
  const forms: Record<FilterForm, Partial<Record<StationKey, string[]>>> = {
    'spin-on': {
      box: ['box.datecode', 'box.suffix'],
      outside: ['whole.weight', 'can.height', 'can.diameter', 'thread.designation', 'thread.turns', 'plate.inlets'],
      parts: [
        'spring.type',
        'spring.weight',
        'bypass.place',
        'adbv.material',
        'can.wall',
        'plate.weight',
        'can.weight',
      ],
      element: ['element.od', 'element.id', 'element.height', 'caps.material', 'element.weight', 'pleats.spacing'],
      pleats: ['pleats.count', 'core.type'],
      media: ['media.length', 'media.width', 'media.thickness', 'media.weight', 'media.type', 'media.how'],
    },
    cartridge: {
      outside: ['whole.weight', 'oring.material', 'oring.section', 'oring.lie'],
      element: ['element.height', 'caps.material'],
      media: ['media.length', 'media.width', 'media.thickness'],
    },
  }
  const cases = Object.entries(forms).flatMap(([form, byStation]) =>
    Object.entries(byStation).flatMap(([station, keys]) => keys.map((key) => [form, station, key] as const)),
  )

  test.each(cases)('%s, %s: %s', (form, station, key) => {
    const found = catalogueFor(form as FilterForm).find((characteristic) => characteristic.key === key)
    expect(found?.station).toBe(station)
  })

  test('nobody can weigh a cut filter whole, gauge a wrapped-up part or count pleats that are unfolded', () => {
    expect(characteristicOf('whole.weight').lostAfter).toBe('cut')
    expect(characteristicOf('element.weight').lostAfter).toBe('apart')
    expect(characteristicOf('pleats.count').lostAfter).toBe('unfold')
    expect(characteristicOf('media.thickness').lostAfter).toBe('wrap')
  })

  test('a cartridge has no can to cut, and nothing of it', () => {
    const keys = catalogueFor('cartridge').map(({ key }) => key)
    expect(keys.filter((key) => /^(can|thread|adbv)\./.test(key))).toEqual([])
    expect(stations.flatMap(({ key }) => irreversibleStepAfter(key, 'cartridge') ?? [])).not.toContain('cut')
    expect(stations.flatMap(({ key }) => irreversibleStepAfter(key, 'spin-on') ?? [])).toEqual(
      irreversibleSteps.map(({ key }) => key),
    )
  })
})

describe('answers', () => {
  const all = (['spin-on', 'cartridge'] as const).flatMap((form) => catalogueFor(form))

  test('no list has an answer or a label twice, and none is a list of one', () => {
    for (const characteristic of all) {
      const options = optionsOf(characteristic)
      if (options.length === 0) continue
      expect(options.length, characteristic.key).toBeGreaterThan(1)
      for (const field of ['value', 'label'] as const)
        expect(new Set(options.map((option) => option[field].toLowerCase())).size, characteristic.key).toBe(
          options.length,
        )
    }
  })

  test('a list can be answered with the digits of a keyboard', () => {
    for (const characteristic of all)
      expect(optionsOf(characteristic).length, characteristic.key).toBeLessThanOrEqual(9)
  })

  test('one that does not apply says why, in words that end a sentence begun by "left out:"', () => {
    for (const { notApplicableWhen = [], key } of all)
      for (const { reason } of notApplicableWhen) expect(reason, key).toMatch(/^[a-z].*[^.]$/)
  })

  test('every part that is recorded is a part that is drawn or listed', () => {
    const known = new Set<string>(filterParts.map(({ key }) => key))
    for (const { part, key } of all) expect(known.has(part), key).toBe(true)
  })
})

// Common practice, no published source: what hurts at this bench.
test.each([
  ['cut', /glove/i],
  ['blades', /away from the body/i],
  ['fibres', /wet/i],
  ['used', /hazardous|local rules/i],
  ['opened', /never goes on an engine/i],
  ['moved', /never fitted/i],
] as const)('the caution on "%s" says so in one line, and more for who asks', (key, words) => {
  expect(cautions[key].summary).toMatch(words)
  expect(cautions[key].summary.length).toBeLessThan(120)
  expect(cautions[key].details.length).toBeGreaterThan(cautions[key].summary.length / 2)
})
