import { describe, expect, test } from 'vitest'
import { figures } from '#core/figures/index.ts'
import { externalAttributes } from '#core/score/external-attributes.ts'
import { criteria } from '#core/score/criteria.ts'
import { assumedInstruments, defaultInstrumentKind } from '#core/teardown/instrument.ts'
import { unitOf } from '#core/quantity/units.ts'
import {
  catalogue,
  catalogueFor,
  characteristicOf,
  findCharacteristic,
  irreversibleStepAfter,
  optionsOf,
  stations,
} from './index.ts'

describe('the one list', () => {
  test('keys are unique and never clash with a figure', () => {
    const keys = [...catalogue, ...figures].map(({ key }) => key)
    expect(new Set(keys).size).toBe(keys.length)
  })

  test('stands in the order of the stations', () => {
    for (const form of ['spin-on', 'cartridge'] as const) {
      const order = catalogueFor(form).map(({ station }) => stations.findIndex(({ key }) => key === station))
      expect(order).toEqual([...order].sort((a, b) => a - b))
    }
  })

  test.each(catalogue.map((c) => [c.key, c] as const))('%s says how and why, and its parts fit together', (_, c) => {
    expect(c.how).toMatch(/\w/)
    expect(c.why).toMatch(/\w/)
    for (const { key, values: is } of c.notApplicableWhen ?? []) {
      const values = optionsOf(characteristicOf(key)).map(({ value }) => value)
      for (const value of is) expect(values).toContain(value)
    }
    if ('typical' in c) {
      expect(c.plausible[0]).toBeLessThanOrEqual(c.typical[0])
      expect(c.typical[0]).toBeLessThan(c.typical[1])
      expect(c.typical[1]).toBeLessThanOrEqual(c.plausible[1])
    }
    if (c.kind === 'quantity') {
      for (const symbol of [...c.units, c.imperial]) expect(unitOf(symbol).dimension).toBe(c.dimension)
      const kind = defaultInstrumentKind(c)
      if (kind) expect(assumedInstruments[kind].resolution).toBeGreaterThan(0)
      else expect(c.allowance ?? c.definitionalUncertainty).toBeGreaterThan(0)
    }
    if (c.kind === 'grade') expect(c.anchors.length).toBe(5)
  })

  test('what tells a figure tells one that is worked out, in its dimension', () => {
    const telling = catalogue.filter((c) => c.kind === 'quantity' && c.figure !== undefined)
    expect(telling.length).toBeGreaterThan(3)
    for (const c of telling)
      if (c.kind === 'quantity') expect(figures.find(({ key }) => key === c.figure)?.dimension).toBe(c.dimension)
  })

  test('a point of no return lies behind the station of what is lost by it', () => {
    const order = stations.map(({ key }) => key)
    const end = { cut: 'outside', apart: 'element', unfold: 'pleats', wrap: 'media' } as const
    for (const c of catalogue) expect(order.indexOf(c.station)).toBeLessThanOrEqual(order.indexOf(end[c.lostAfter]))
    expect(irreversibleStepAfter('outside', 'spin-on')).toBe('cut')
    expect(irreversibleStepAfter('outside', 'cartridge')).toBeUndefined()
  })

  test('figures and criteria rest on what the catalogue has', () => {
    for (const { needs } of figures) for (const key of needs) expect(findCharacteristic(key), key).toBeDefined()
    for (const { attribute, valueFunction } of criteria) {
      const figure = figures.find(({ key }) => key === attribute)
      const characteristic = findCharacteristic(attribute)
      expect(
        figure ?? characteristic ?? externalAttributes.find(({ key }) => key === attribute),
        attribute,
      ).toBeDefined()
      if (valueFunction.kind === 'answers') {
        const values = optionsOf(characteristic!).map(({ value }) => value)
        for (const value of Object.keys(valueFunction.points)) expect(values, attribute).toContain(value)
      }
      if (valueFunction.kind === 'scale') {
        const at = valueFunction.points.map(([x]) => x)
        expect(at).toEqual([...at].sort((a, b) => a - b))
      }
    }
  })

  // Common practice, no published source: what most passenger-car spin-ons measure.
  test.each([
    ['whole.weight', 0.22, 0.35],
    ['can.wall', 0.00036, 0.0006],
    ['media.length', 0.79, 1.52],
    ['pleats.count', 36, 65],
    ['plate.weight', 0.1, 0.18],
    ['can.weight', 0.055, 0.095],
  ])('%s is typically %f to %f', (key, low, high) => {
    const c = characteristicOf(key)
    const [from, to] = 'typical' in c ? c.typical : [0, 0]
    expect(from / low).toBeCloseTo(1, 9)
    expect(to / high).toBeCloseTo(1, 9)
  })
})
