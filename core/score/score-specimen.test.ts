import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { assess } from '#core/figures/assess.ts'
import { readings } from '#core/teardown/readings.fixture.ts'
import { resolve } from '#core/teardown/resolve.ts'
import { shippedCriterion } from './criteria.ts'
import { effectiveCriteria, shippedMethod } from './effective-criteria.ts'
import { countFault, fatalFaultCap } from './fatal-faults.ts'
import { scoreSpecimen } from './score-specimen.ts'

const good = {
  'can.wall': '0.50 mm',
  'glue.grade': '4',
  'adbv.material': 'silicone',
  'inside.rust': 'none',
  'media.type': 'blend',
  'caps.material': 'steel',
}
const criteria = effectiveCriteria(shippedMethod)
const score = (typed: Parameters<typeof readings>[0]) =>
  scoreSpecimen('spin-on', assess('spin-on', readings(typed)), criteria)

describe('the score', () => {
  test('is the weighted mean of the points, done by hand', () => {
    const only = score({ 'glue.grade': '2', 'adbv.material': 'nitrile' })
    const [glue, adbv] = [shippedCriterion('glue').weight, shippedCriterion('adbv-material').weight]
    expect(only.value).toBeCloseTo((10 * (glue * 5 + adbv * 4)) / (glue + adbv), 10)
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
    expect(rusty.value).toBeLessThanOrEqual(fatalFaultCap)
    expect(rusty.high).toBeLessThanOrEqual(fatalFaultCap)
    expect(rusty.fatalFaults).toEqual([{ key: 'inside.rust', description: 'rust inside a new filter' }])
    expect(score({ ...good, 'inside.rust': 'slight' }).fatalFaults).toEqual([])
  })

  test('what a filter cannot have is left out with its reason', () => {
    const line = score({ ...good, 'caps.material': 'none' }).lines.find(({ criterion }) => criterion.key === 'glue')
    expect(line?.notApplicableReason).toMatch(/welded/)
  })

  test('evidence that is only inferred bears half its weight, and the other half stays open', () => {
    const [seen, inferred] = (['observed', 'inferred'] as const).map((evidence) =>
      score({ 'glue.grade': { typed: '2', evidence } }),
    )
    expect(inferred!.value).toBeCloseTo(seen!.value!, 9)
    expect(inferred!.coverage).toBeCloseTo(seen!.coverage / 2, 9)
  })

  test('a criterion without weight, or for the other form, is not judged', () => {
    const glue = shippedCriterion('glue')
    const lines = (weight: number, form: 'spin-on' | 'cartridge') =>
      scoreSpecimen(form, assess(form, []), [{ ...glue, weight }, shippedCriterion('can-wall')]).lines.map(
        ({ criterion }) => criterion.key,
      )
    expect(lines(1, 'spin-on')).toEqual(['glue', 'can-wall'])
    expect(lines(0, 'spin-on')).toEqual(['can-wall'])
    expect(lines(1, 'cartridge')).toEqual(['glue'])
  })
})

describe('how often a fault is found', () => {
  const seen = (answer?: string) => resolve(readings(answer === undefined ? {} : { 'inside.rust': answer }))

  test('only specimens in which it was looked for count', () =>
    expect(countFault('inside.rust', [seen('serious'), seen('serious'), seen()])).toEqual({ found: 2, lookedAt: 2 }))

  test('what the reviewer or the shipping did says nothing of the filter', () =>
    expect(countFault('inside.rust', [seen('own'), seen('transit'), seen('none'), seen('slight')])).toEqual({
      found: 0,
      lookedAt: 2,
    }))

  test('and neither caps nor takes points away', () => {
    const own = score({ ...good, 'inside.rust': 'own' })
    expect(own.fatalFaults).toEqual([])
    expect(own.value).toBe(score(good).value)
  })
})

test('a disc under its own spring is not judged too thin', () => {
  const line = (built: string) =>
    score({ 'adbv.build': built, 'adbv.thickness': '0.42 mm' }).lines.find(
      ({ criterion }) => criterion.key === 'adbv-thickness',
    )
  expect(line('disc')?.notApplicableReason).toBe('a spring-pressed disc is thin by its build')
  expect(line('flap')?.points).toBe(0)
})
