import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { catalogue, characteristicOf } from '#core/catalogue/index.ts'
import { pooledUncertainty, rectangular, reductionByAnotherRepeat } from '#core/quantity/repeats.ts'
import { exactly, minus, plus, standardUncertainty } from '#core/quantity/uncertain.ts'
import {
  assumedInstruments,
  checkState,
  instrumentError,
  repeatPrior,
  instrumentKinds,
  instrumentsFor,
  subtractZeroOffset,
  parseZeroOffset,
  defaultInstrumentKind,
  type InstrumentCheck,
} from './instrument.ts'
import { readings } from './readings.fixture.ts'
import { resolve } from './resolve.ts'

const { caliper, scale, tape, micrometer } = assumedInstruments

describe('which instrument reads what', () => {
  test.each([
    ['whole.weight', 'scale'],
    ['media.length', 'tape'],
    ['can.wall', 'micrometer'],
    ['can.height', 'caliper'],
    ['plate.inlets', 'caliper'],
    ['bypass.printed', 'gauge'],
    ['pleats.count', undefined],
    ['adbv.material', undefined],
  ])('%s with a %s', (key, kind) => {
    expect(defaultInstrumentKind(characteristicOf(key))).toBe(kind)
  })

  test(
    'every quantity of the catalogue has an instrument of its own dimension, but for areas, densities and ' +
      'temperatures',
    () => {
      for (const c of catalogue) {
        const kind = defaultInstrumentKind(c)
        if (c.kind !== 'quantity') continue
        if (kind) expect(instrumentKinds[kind].dimension).toBe(c.dimension)
        else expect(['area', 'density', 'temperature']).toContain(c.dimension)
      }
    },
  )

  test('the usual kind comes first, others of the dimension follow, the rest is left out', () => {
    const those = instrumentsFor(characteristicOf('can.wall'), [tape, scale, caliper, micrometer]).map(
      ({ kind }) => kind,
    )
    expect(those).toEqual(['micrometer', 'tape', 'caliper'])
    expect(instrumentsFor(characteristicOf('whole.weight'), [tape, caliper])).toEqual([])
  })

  test('a coarser instrument makes the same reading more doubtful', () => {
    const read = readings({ 'can.height': '86.5 mm' }).map((reading) => ({ ...reading, instrumentId: 'coarse' }))
    const coarse = { ...caliper, id: 'coarse', resolution: 0.001, accuracy: 0.001 }
    const u = (instruments: Map<string, typeof coarse>) =>
      standardUncertainty(resolve(read, instruments).get('can.height')!.number!)
    expect(u(new Map([['coarse', coarse]]))).toBeGreaterThan(2 * u(new Map()))
  })
})

describe('zero offset', () => {
  test('what a shut caliper shows is taken off, on openings from each size', () => {
    expect(subtractZeroOffset({ number: 0.00051, unit: 'mm' }, 0.00002)).toEqual({ number: 0.00049, unit: 'mm' })
    expect(subtractZeroOffset({ groups: [{ count: 6, width: 0.0066, length: 0.012 }] }, -0.0001).groups).toEqual([
      { count: 6, width: 0.0067, length: 0.0121 },
    ])
    expect(subtractZeroOffset({ text: 'silicone' }, 0.0001)).toEqual({ text: 'silicone' })
  })

  test('never makes a length of nothing', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1e-6, max: 1, noNaN: true }),
        fc.double({ min: -0.002, max: 0.002, noNaN: true }),
        (number, zero) => subtractZeroOffset({ number }, zero).number! > 0,
      ),
    )
  })

  test.each([
    ['0.02', 0.00002],
    ['-0.02 mm', -0.00002],
    ['−0,03', -0.00003],
    ['+1 thou', 0.0000254],
    ['0', 0],
    ['0.00 mm', 0],
  ])('%s', (text, si) => {
    const read = parseZeroOffset(text, 'caliper')
    expect(read.ok && read.value).toBeCloseTo(si, 9)
  })

  test.each([
    ['', 'Say what it shows'],
    ['5 mm', 'no offset any more'],
    ['two', 'two'],
  ])('%j is refused in words', (text, words) => {
    const read = parseZeroOffset(text, 'caliper')
    expect(!read.ok && read.problem.message).toContain(words)
  })
})

describe('checks against a known piece', () => {
  const at = (date: string, reading: number): InstrumentCheck => ({
    checkedAt: `${date}T08:00:00Z`,
    referenceValue: 0.01,
    indication: reading,
  })
  const now = '2026-06-01T08:00:00Z'

  test('none yet', () => expect(checkState(caliper, [], 180, now)).toEqual({ state: 'never' }))
  test('the latest counts, whatever the order', () => {
    expect(checkState(caliper, [at('2026-05-31', 0.01001), at('2025-01-01', 0.0102)], 180, now)).toEqual({
      state: 'sound',
      days: 1,
    })
  })
  test('overdue after the days that were set, never without them', () => {
    expect(checkState(caliper, [at('2025-06-01', 0.01)], 180, now)).toMatchObject({ state: 'overdue', days: 365 })
    expect(checkState(caliper, [at('2025-06-01', 0.01)], null, now)).toMatchObject({ state: 'sound' })
  })
  test('off beyond its accuracy and half a step', () => {
    expect(checkState(caliper, [at('2026-05-31', 0.010035)], 180, now).state).toBe('sound')
    expect(checkState(caliper, [at('2026-05-31', 0.01005)], 180, now)).toMatchObject({ state: 'off', days: 1 })
  })
})

describe('whether another repeat is worth taking', () => {
  const prior = repeatPrior(micrometer, 'can.wall')

  test('two that differ ask for a third, many that agree hardly do', () => {
    const two = reductionByAnotherRepeat([0.00049, 0.00051], prior, 1e-7)
    expect(two).toBeGreaterThan(0.15)
    const agreed = Array.from({ length: 8 }, () => 0.0005)
    expect(reductionByAnotherRepeat(agreed, prior, rectangular(micrometer.accuracy))).toBeLessThan(0.03)
  })

  test('never more than the whole doubt, and less the more the instrument doubts', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.1, max: 1, noNaN: true }), { minLength: 1, maxLength: 12 }),
        fc.double({ min: 0.001, max: 1, noNaN: true }),
        (values, other) => {
          const gain = reductionByAnotherRepeat(values, { deviation: 0.1, degrees: 8 }, other)
          expect(gain).toBeGreaterThanOrEqual(-1e-12)
          expect(gain).toBeLessThanOrEqual(1)
          expect(reductionByAnotherRepeat(values, { deviation: 0.1, degrees: 8 }, other * 10)).toBeLessThanOrEqual(
            gain + 1e-9,
          )
        },
      ),
    )
  })

  test('by hand: 0.49 and 0.51 with a prior of 0.01 at 8, Student 2.262 and 2.228 (GUM table G.2)', () => {
    // s² = (8 · 0.0001 + 0.0002) / 9 = 0.0001111; 2.262 · s/√2 = 0.01686; next 2.228 · s/√3 = 0.01356.
    expect(pooledUncertainty([0.49, 0.51], { deviation: 0.01, degrees: 8 }).u).toBeCloseTo(0.0074536, 6)
    expect(reductionByAnotherRepeat([0.49, 0.51], { deviation: 0.01, degrees: 8 }, 0)).toBeCloseTo(
      1 - 0.01356 / 0.01686,
      2,
    )
  })
})

describe('what an instrument adds', () => {
  const scale = { id: 's', name: 'Scale', kind: 'scale' as const, resolution: 0.0001, accuracy: 0.0003 }
  const weighed = (value: number, source: string) => plus(exactly(value), instrumentError(scale, value, source))

  test('is shared by all readings with it: sums have it twice, differences not at all', () => {
    const [a, b] = [weighed(0.1, 'own'), weighed(0.1, 'own')]
    expect(standardUncertainty(minus(a, b))).toBeCloseTo(0, 12)
    expect(standardUncertainty(plus(a, b))).toBeCloseTo(2 * standardUncertainty(a), 12)
    expect(standardUncertainty(minus(a, weighed(0.1, 'other')))).toBeCloseTo(Math.SQRT2 * standardUncertainty(a), 12)
  })

  test('is the limit of the maker over √3 at nought, and √2 of that at full scale (GUM 4.3.7)', () => {
    expect(standardUncertainty(weighed(1e-9, 'own'))).toBeCloseTo(0.0003 / Math.sqrt(3), 9)
    expect(standardUncertainty(weighed(0.5, 'own'))).toBeCloseTo((Math.SQRT2 * 0.0003) / Math.sqrt(3), 9)
  })
})

describe('one’s own hand', () => {
  const stated = repeatPrior(caliper, 'can.wall')
  const study = (characteristic: string, deviation: number, degrees = 9) => ({ characteristic, deviation, degrees })

  test('pools with what is stated by degrees of freedom', () => {
    const own = repeatPrior({ ...caliper, ownRepeats: [study('can.wall', 3e-5)] }, 'can.wall')
    expect(own.degrees).toBe(17)
    expect(own.deviation).toBeCloseTo(Math.sqrt((8 * stated.deviation ** 2 + 9 * 3e-5 ** 2) / 17), 12)
  })

  test('a study of the same thing goes before those of others, which go before none', () => {
    const ownRepeats = [study('can.wall', 3e-5), study('plate.thickness', 2e-4)]
    const of = (key: string) => repeatPrior({ ...caliper, ownRepeats }, key)
    expect(of('can.wall').deviation).toBeLessThan(of('can.height').deviation)
    expect(of('can.height').degrees).toBe(26)
    expect(of('plate.thickness').degrees).toBe(17)
  })

  test('widens or narrows a reading with that instrument, and leaves those with others alone', () => {
    const wall = (ownRepeats: { characteristic: string; deviation: number; degrees: number }[]) => {
      const [reading] = readings({ 'can.wall': ['0.49 mm'] })
      const own = { ...caliper, id: 'own', ownRepeats }
      return standardUncertainty(
        resolve([{ ...reading!, instrumentId: 'own' }], new Map([['own', own]])).get('can.wall')!.number!,
      )
    }
    expect(wall([study('can.wall', 5e-5)])).toBeGreaterThan(wall([]))
    expect(wall([study('can.wall', 0, 40)])).toBeLessThan(wall([]))
  })
})
