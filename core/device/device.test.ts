import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { parseDeviceLine } from './line.ts'
import { holdFor, assessStability, type Sample } from './stability.ts'
import { simulatedDisplay, simulatedDrift } from './simulated.ts'

const grams = { dimension: 'mass', unit: 'g' } as const

describe('lines of a scale', () => {
  test.each([
    ['ST,GS,+  302.4 g', 0.3024, true],
    ['US,GS,+  301.9 g', 0.3019, false],
    ['S S    12.35 g', 0.01235, true],
    ['SD     12.35 g', 0.01235, false],
    ['  -0.1 g', -0.0001, undefined],
    ['10,65 oz', 0.3019224, undefined],
    ['302.4', 0.3024, undefined],
    ['302.4 g ?', 0.3024, false],
    ['N  0.302 kg', 0.302, undefined],
  ])('%s', (line, si, stable) => {
    const read = parseDeviceLine(line, grams)!
    expect(read.value).toBeCloseTo(si, 7)
    expect(read.stable).toBe(stable)
  })

  test.each(['', 'OL', '------', 'ST,GS,OVER'])('%j holds no number', (line) => {
    expect(parseDeviceLine(line, grams)).toBeUndefined()
  })

  test.each(['0.49 cubit', '302.4 mpa', '12 xyz'])(
    '%j names a unit that is none here, and is not taken for another',
    (line) => {
      expect(parseDeviceLine(line, grams)).toBeUndefined()
    },
  )

  test('a unit of another kind is known as such', () => {
    expect(parseDeviceLine('0.49 mm', grams)).toEqual({ value: 0.00049, dimension: 'length' })
  })

  test('no line of any kind throws', () => {
    fc.assert(fc.property(fc.string(), (line) => (parseDeviceLine(line, grams), true)))
  })
})

describe('settling', () => {
  const run = (values: number[], every = 100): Sample[] => values.map((value, index) => ({ value, at: index * every }))
  test('nothing shown, nothing known', () => expect(assessStability([], 0.0001)).toBeUndefined())
  test('a reading that has only begun is not steady', () =>
    expect(assessStability(run([0.3, 0.3]), 0.0001)?.stable).toBe(false))
  test('one that holds still for the hold is', () =>
    expect(assessStability(run(Array<number>(9).fill(0.3)), 0.0001)).toEqual({ value: 0.3, stable: true }))
  test('a step of the display is no unrest, two are', () => {
    const still = Array<number>(9).fill(0.3)
    expect(assessStability(run([...still.slice(0, 8), 0.3001]), 0.0001)?.stable).toBe(true)
    expect(assessStability(run([...still.slice(0, 8), 0.3002]), 0.0001)?.stable).toBe(false)
  })
})

describe('the simulated device', () => {
  test('wanders first and settles on what lies on it, in whole steps', () => {
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 20_000 }), fc.integer({ min: 0, max: 1000 }), (tenths, seed) => {
        const noise = simulatedDrift(seed)
        const to = tenths * 0.0001
        const early = simulatedDisplay(0, to, 60, 0.0001, noise())
        expect(Math.abs(early - to)).toBeGreaterThan(0.00005)
        const samples = Array.from({ length: 20 }, (_, index) => ({
          value: simulatedDisplay(0, to, 2500 + index * 100, 0.0001, noise()),
          at: index * 100,
        }))
        expect(assessStability(samples, 0.0001)).toMatchObject({ stable: true })
        expect(samples.at(-1)!.value).toBeCloseTo(to, 6)
        expect(samples.at(-1)!.at).toBeGreaterThan(holdFor)
      }),
    )
  })

  test('the same seed wanders the same way, within one either side', () => {
    const [a, b] = [simulatedDrift(7), simulatedDrift(7)]
    for (let index = 0; index < 50; index++) {
      const value = a()
      expect(b()).toBe(value)
      expect(Math.abs(value)).toBeLessThanOrEqual(1)
    }
  })
})
