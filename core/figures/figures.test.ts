import fc from 'fast-check'
import type { SizedGroup } from '#core/teardown/opening-groups.ts'
import { describe, expect, test } from 'vitest'
import { fromSI, toSI } from '#core/quantity/convert.ts'
import { exactly, standardUncertainty, uncertain } from '#core/quantity/uncertain.ts'
import { openingPressure, springPressure, springRate } from './bypass.ts'
import { burstEstimate, dentStiffness, threadEngagement } from './can.ts'
import { faceVelocity, seriesArea, tightest } from './flow-path.ts'
import { mediaArea, mediaAreaFromPleats } from './media-area.ts'
import { mediaDensity, mediaMassPerArea } from './media-mass.ts'
import { openingsArea } from './openings-area.ts'
import { oringSqueeze, oringStretch } from './oring.ts'
import { crowding, pleatDepth, pleatPitch, pleatSpace } from './pleats.ts'
import { gaugeThickness, nearestGauge } from '#core/quantity/sheet-gauge.ts'
import { minorDiameter, parseThread } from '#core/quantity/thread.ts'

const inch = (number: number) => exactly(toSI(number, 'in'))
const mm = (number: number) => exactly(number / 1000)
const exactOpenings = (group: SizedGroup) => ({
  groups: [group],
  standardUncertainty: 0,
  instrumentError: exactly(0),
})

describe('worked values of the trade (common practice, no published source)', () => {
  test('41.5 in by 5 1/8 in is 212.7 in²', () => {
    expect(fromSI(mediaArea(inch(41.5), inch(5.125), exactly(0)).value, 'in²')).toBeCloseTo(212.7, 1)
  })

  test('56 1/4 in over 55 pleats is a pleat 0.511 in deep', () => {
    expect(fromSI(pleatDepth(inch(56.25), exactly(55)).value, 'in')).toBeCloseTo(0.511, 3)
  })

  test('eight equal holes adding up to 0.324 in² are 0.227 in across', () => {
    const area = openingsArea(exactOpenings({ count: 8, width: toSI(0.227, 'in') }), 'holes').value
    expect(fromSI(area, 'in²')).toBeCloseTo(0.324, 3)
  })

  test('15 psi on a 12.7 mm seat is a push of 1336 g', () => {
    const pressure = openingPressure(exactly(1.336), mm(12.7)).value
    expect(fromSI(pressure, 'psi')).toBeCloseTo(15, 2)
  })

  test('a 0.020 in wall holds a third more than a 0.015 in one and is 2.4 times as stiff', () => {
    const burst = (wall: number) => burstEstimate(exactly(330e6), inch(wall), mm(76)).value
    expect(burst(0.02) / burst(0.015)).toBeCloseTo(4 / 3, 10)
    expect(dentStiffness(inch(0.02), toSI(0.015, 'in')).value).toBeCloseTo(2.37, 2)
  })

  test('buried edges move an area by about 5 %', () => {
    const whole = mediaArea(inch(45), inch(2.9), exactly(0)).value
    const exposed = mediaArea(inch(45), inch(2.9), inch(0.1)).value
    expect(1 - exposed / whole).toBeGreaterThan(0.03)
    expect(1 - exposed / whole).toBeLessThan(0.06)
  })
})

describe('sheet-steel gauge', () => {
  // Manufacturers' Standard Gauge, Machinery's Handbook (from memory), inches.
  test.each([
    [3, 0.2391],
    [7, 0.1793],
    [8, 0.1644],
    [9, 0.1495],
    [10, 0.1345],
    [24, 0.0239],
    [25, 0.0209],
    [26, 0.0179],
    [27, 0.0164],
    [28, 0.0149],
    [30, 0.012],
  ])('number %i is %f in', (gauge, thickness) => {
    expect(fromSI(gaugeThickness(gauge), 'in')).toBeCloseTo(thickness, 4)
    expect(nearestGauge(toSI(thickness, 'in')).gauge).toBe(gauge)
  })

  test('says how far off, above zero when thicker', () => {
    const { gauge, off } = nearestGauge(0.00049)
    expect(gauge).toBe(26)
    expect(off * 1000).toBeCloseTo(0.0346, 3)
  })

  test('knows its limits', () => {
    expect(() => gaugeThickness(2)).toThrow(RangeError)
    expect(() => nearestGauge(0)).toThrow(RangeError)
  })
})

describe('threads', () => {
  // ISO 724, minor diameter of internal threads (from memory), mm.
  test.each([
    ['M20 x 1.5', 18.376],
    ['M18 x 1.5', 16.376],
    ['M22 x 1.5', 20.376],
    ['M16 x 1.5', 14.376],
    ['M12 x 1.75', 10.106],
  ])('ISO 724: %s is %f mm inside', (designation, minor) => {
    const thread = parseThread(designation)
    expect(thread.ok && minorDiameter(thread.value) * 1000).toBeCloseTo(minor, 3)
  })

  // ASME B1.1, basic minor diameter of internal threads (from memory), in.
  test.each([
    ['3/4-16 UNF', 0.6823],
    ['13/16-16 UN', 0.7448],
    ['1-12 UNF', 0.9098],
    ['5/8-18 UNF', 0.5649],
  ])('ASME B1.1: %s is %f in inside', (designation, minor) => {
    const thread = parseThread(designation)
    expect(thread.ok && fromSI(minorDiameter(thread.value), 'in')).toBeCloseTo(minor, 3)
  })

  test.each([
    ['m20x1,5', 'M20 x 1.5'],
    ['M20-1.5', 'M20 x 1.5'],
    ['3/4 - 16 unf', '3/4-16 UNF'],
    ['3/4-16', '3/4-16 UN'],
    ['1 1/2-12 UN', '1 1/2-12 UN'],
    ['1-1/2-12', '1 1/2-12 UN'],
  ])('reads %s', (text, designation) => {
    const read = parseThread(text)
    expect(read.ok && read.value.designation).toBe(designation)
    const again = parseThread(designation)
    expect(again).toEqual(read)
  })

  test('asks for the pitch, and refuses what is no thread', () => {
    const bare = parseThread('M20')
    expect(bare.ok ? [] : bare.problem.suggestions?.[0]?.text).toBe('M20 x 1.5')
    for (const text of ['', 'G 3/4', 'hello', 'M400 x 1.5', 'M20 x 99', '9/2-16', '1/0-16'])
      expect(parseThread(text).ok).toBe(false)
  })

  test('4½ turns of M20 x 1.5 hold 6.75 mm', () => {
    expect(threadEngagement(exactly(4.5), 0.0015).value).toBeCloseTo(0.00675, 8)
  })
})

describe('springs', () => {
  // Shigley's Mechanical Engineering Design, helical compression spring example (from memory): 0.037 in
  // wire, 7/16 in outside, 10.5 active coils, G = 11.85 Mpsi, rate 4.13 lbf/in.
  test('the handbook spring', () => {
    const rate = springRate(inch(0.037), inch(7 / 16), exactly(10.5), toSI(11.85e6, 'psi')).value
    expect(fromSI(rate, 'lbf/in') / 4.13).toBeCloseTo(1, 2)
  })

  test('preload over the seat is the opening pressure', () => {
    expect(springPressure(exactly(2000), mm(6), mm(12.7)).value).toBeCloseTo(12 / (Math.PI * 0.00635 ** 2), 3)
  })

  test('wire thicker than the coil is refused', () => {
    expect(() => springRate(mm(5), mm(4), exactly(5))).toThrow(RangeError)
  })
})

describe('geometry', () => {
  test('a slot is a rectangle with two half circles, and a round slot is a hole', () => {
    const slot = openingsArea(exactOpenings({ count: 1, width: 0.004, length: 0.01 }), 's').value
    expect(slot).toBeCloseTo(0.004 * 0.006 + Math.PI * 0.002 ** 2, 12)
    const round = openingsArea(exactOpenings({ count: 3, width: 0.004, length: 0.004 }), 's').value
    expect(round).toBeCloseTo(openingsArea(exactOpenings({ count: 3, width: 0.004 }), 's').value, 15)
  })

  test('a pack whose pleats fill their room has the same area both ways', () => {
    const [pleats, outer, core, width] = [exactly(50), mm(63), mm(33), mm(64)]
    const depth = pleatSpace(outer, core)
    const length = exactly(2 * 50 * depth.value)
    expect(mediaAreaFromPleats(pleats, depth, width).value).toBeCloseTo(mediaArea(length, width, exactly(0)).value, 12)
  })

  test('crowding is 1 when the pleats fill the circle they stand on', () => {
    const thickness = (Math.PI * 33) / (2 * 60)
    expect(crowding(exactly(60), mm(thickness), mm(33)).value).toBeCloseTo(1, 12)
  })

  test('pitch, mass, density and face velocity are plain quotients', () => {
    expect(pleatPitch(mm(64), exactly(52)).value).toBeCloseTo((Math.PI * 0.064) / 52, 12)
    const areal = mediaMassPerArea(exactly(0.022), exactly(1.4), mm(75))
    expect(areal.value).toBeCloseTo(0.2095, 4)
    expect(mediaDensity(areal, mm(0.7)).value).toBeCloseTo(299.3, 1)
    expect(faceVelocity(0.0005, exactly(0.1)).value).toBeCloseTo(0.005, 12)
  })

  test('in series 1/A² adds: 3 and 4 throttle like 2.4, and less than the tightest', () => {
    expect(seriesArea([exactly(3), exactly(4)]).value).toBeCloseTo(2.4, 12)
    expect(tightest([exactly(3), exactly(2), exactly(4)]).value).toBe(2)
    expect(() => seriesArea([])).toThrow(RangeError)
    expect(() => tightest([])).toThrow(RangeError)
  })

  test('an O-ring of 3 mm in a groove of 2.4 is squeezed by a fifth', () => {
    expect(oringSqueeze(mm(3), mm(2.4)).value).toBeCloseTo(0.2, 12)
    expect(oringStretch(mm(50), mm(51)).value).toBeCloseTo(0.02, 12)
  })
})

describe('laws', () => {
  const length = fc.double({ min: 0.5, max: 3, noNaN: true })
  const width = fc.double({ min: 0.04, max: 0.2, noNaN: true })

  test('a wider strip has more area, more buried has less', () => {
    fc.assert(
      fc.property(length, width, fc.double({ min: 1e-4, max: 0.01, noNaN: true }), (l, w, more) => {
        const area = (wide: number, buried: number) => mediaArea(exactly(l), exactly(wide), exactly(buried)).value
        expect(area(w + more, 0.002)).toBeGreaterThan(area(w, 0.002))
        expect(area(w, 0.002 + more)).toBeLessThan(area(w, 0.002))
      }),
    )
  })

  test('series area is never above the tightest', () => {
    const areas = fc.array(fc.double({ min: 1e-5, max: 1e-2, noNaN: true }), { minLength: 1, maxLength: 5 })
    fc.assert(
      fc.property(areas, (values) => {
        const those = values.map(exactly)
        expect(seriesArea(those).value).toBeLessThanOrEqual(tightest(those).value * (1 + 1e-12))
      }),
    )
  })

  test('the doubt of an area is that of its inputs in quadrature', () => {
    const area = mediaArea(uncertain(1.4, 0.0014, 'l'), uncertain(0.07, 0.00007, 'w'), exactly(0))
    expect(standardUncertainty(area) / area.value).toBeCloseTo(Math.SQRT2 * 0.001, 6)
  })

  test('more buried than there is width is refused', () => {
    expect(() => mediaArea(exactly(1), exactly(0.002), exactly(0.003))).toThrow(
      'More of the width is buried than there is width',
    )
  })
})
