import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { assess } from '#core/compare/assess.ts'
import { readings } from '#core/teardown/readings.fixture.ts'
import { criteria } from './criteria.ts'
import { scalePoints, stepPoints, type Scale } from './criterion.ts'
import { vetoCap } from './score.ts'

const good = {
  'can.wall': '0.50 mm',
  'glue.grade': '4',
  'adbv.material': 'silicone',
  'inside.rust': 'none',
  'media.type': 'blend',
  'caps.material': 'steel',
}
const score = (typed: Parameters<typeof readings>[0]) => assess('spin-on', readings(typed)).score

describe('points', () => {
  const wall: Scale = {
    kind: 'scale',
    points: [
      [0, 0],
      [1, 4],
      [3, 10],
    ],
  }
  test('straight lines between breakpoints, flat outside', () => {
    expect(scalePoints(wall, -1)).toBe(0)
    expect(scalePoints(wall, 0.5)).toBe(2)
    expect(scalePoints(wall, 2)).toBe(7)
    expect(scalePoints(wall, 9)).toBe(10)
    expect(stepPoints(3, 5)).toBe(7.5)
  })

  test('every rule stays between 0 and 10', () => {
    for (const { rule } of criteria) {
      const all =
        rule.kind === 'scale'
          ? rule.points.map(([, points]) => points)
          : rule.kind === 'answers'
            ? Object.values(rule.points)
            : []
      for (const points of all) expect(points).toBeGreaterThanOrEqual(0)
      for (const points of all) expect(points).toBeLessThanOrEqual(10)
    }
  })
})

describe('the score', () => {
  test('is the weighted mean of the points, done by hand', () => {
    const only = score({ 'glue.grade': '2', 'adbv.material': 'nitrile' })
    const [glue, adbv] = [
      criteria.find(({ key }) => key === 'glue')!.weight,
      criteria.find(({ key }) => key === 'adbv-material')!.weight,
    ]
    expect(only.value).toBeCloseTo((10 * (glue * 5 + adbv * 5)) / (glue + adbv), 10)
  })

  test('missing evidence widens, and the completed score lies inside', () => {
    const grades = fc.record({
      'core.opening': fc.constantFrom('0', '1', '2', '3', '4'),
      'pleats.spacing': fc.constantFrom('0', '2', '4'),
      'adbv.fit': fc.constantFrom('1', '3'),
      'inside.debris': fc.constantFrom('none', 'slight'),
    })
    fc.assert(
      fc.property(grades, (more) => {
        const before = score(good)
        const after = score({ ...good, ...more })
        expect(after.low).toBeGreaterThanOrEqual(before.low - 1e-9)
        expect(after.high).toBeLessThanOrEqual(before.high + 1e-9)
        expect(after.coverage).toBeGreaterThan(before.coverage)
      }),
    )
  })

  test('nothing known is no score, not zero', () => {
    expect(score({}).value).toBeUndefined()
    expect(score({}).low).toBe(0)
    expect(score({}).high).toBe(100)
  })

  test('a thicker wall never lowers it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 30, max: 110 }), fc.integer({ min: 0, max: 9 }), (hundredths, more) => {
        const at = (wall: number) => score({ ...good, 'can.wall': `${(wall / 100).toFixed(2)} mm` }).value!
        expect(at(hundredths + more)).toBeGreaterThanOrEqual(at(hundredths) - 1e-9)
      }),
    )
  })

  test('a fault that ends the discussion caps it, with the reason', () => {
    const rusty = score({ ...good, 'inside.rust': 'serious' })
    expect(rusty.value).toBeLessThanOrEqual(vetoCap)
    expect(rusty.high).toBeLessThanOrEqual(vetoCap)
    expect(rusty.vetoes).toEqual([{ key: 'inside.rust', because: 'rust inside a new filter' }])
    expect(score({ ...good, 'inside.rust': 'slight' }).vetoes).toEqual([])
  })

  test('what a filter cannot have is left out with its reason', () => {
    const line = score({ ...good, 'caps.material': 'none' }).lines.find(({ criterion }) => criterion.key === 'glue')
    expect(line?.reason).toMatch(/welded/)
  })
})
