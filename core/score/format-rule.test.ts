import { describe, expect, test } from 'vitest'
import { shippedCriterion } from './criteria.ts'
import { formatAttributeValue, formatValueFunction } from './format-rule.ts'
import { formatSwing } from './format-swing.ts'

describe('what a criterion judges, in words', () => {
  test.each([
    ['claim.efficiency', 0.987, '98.7 %', '98.7 %'],
    ['claim.interval', 16e6, '16,000 km', '9942 mi'],
    ['claim.capacity', 0.021, '21.0 g', '0.74 oz'],
    ['value.area', 0.2, '2000 cm²', '310.0 in²'],
    ['claim.complete', 0, 'slogan', 'slogan'],
    ['claim.complete', 1, 'partial', 'partial'],
    ['claim.complete', 2, 'complete', 'complete'],
    ['claim.complete', 7, '7', '7'],
    ['value.own', 1, 'yes', 'yes'],
    ['value.own', 0.5, 'no', 'no'],
    ['value.own', 0, 'no', 'no'],
    ['value.landed', 12.3456, '12.35', '12.35'],
    ['can.wall', 0.0005, '0.50 mm', '0.020 in'],
    ['media.area', 0.2, '2000 cm²', '310.0 in²'],
  ])('%s of %d is %s, or %s', (attribute, at, metric, imperial) => {
    expect(formatAttributeValue(attribute, at, 'metric')).toBe(metric)
    expect(formatAttributeValue(attribute, at, 'imperial')).toBe(imperial)
  })
})

describe('the rule of a criterion, and its swing', () => {
  test.each([
    ['can-wall', '0.36 mm: 0, 0.38 mm: 1.5, 0.45 mm: 5.5, 0.51 mm: 8.5, 0.60 mm: 10', '0.36 to 0.60 mm'],
    ['crowding', '0.75: 10, 0.90: 6, 1.00: 3, 1.10: 0', '1.10 to 0.75'],
    [
      'gasket-material',
      'Nitrile: 0, Natural rubber: 0, Silicone: 4, HNBR: 6, ACM: 6, Ethylene acrylic: 7, FKM: 10, PTFE-faced: 8',
      'Nitrile to FKM',
    ],
    ['glue', 'worst anchor 0, best 10, even steps between', 'A bare gap to An even bead all round both caps'],
    ['rust', 'takes away: a little 4, yes 10', 'takes points away'],
  ])('%s', (key, rule, swing) => {
    expect(formatValueFunction(shippedCriterion(key), 'metric')).toBe(rule)
    expect(formatSwing(shippedCriterion(key), 'metric')).toBe(swing)
  })

  test('in the other units', () => {
    expect(formatSwing(shippedCriterion('can-wall'), 'imperial')).toBe('0.014 to 0.024 in')
    expect(formatValueFunction(shippedCriterion('can-wall'), 'imperial')).toContain('0.020 in: 8.5')
  })

  test('an answer that the catalogue does not know any more is said by its key; a hump goes from worst to best', () => {
    const answers = { kind: 'answers', points: { nitrile: 2, cork: 0 } } as const
    expect(formatValueFunction({ ...shippedCriterion('gasket-material'), valueFunction: answers }, 'metric')).toBe(
      'Nitrile: 2, cork: 0',
    )
    const hump = {
      kind: 'scale',
      points: [
        [0.0004, 5],
        [0.0005, 10],
        [0.0006, 0],
      ],
    } as const
    expect(formatSwing({ ...shippedCriterion('can-wall'), valueFunction: hump as never }, 'metric')).toBe(
      '0.60 to 0.50 mm',
    )
  })

  test('steps of what is no grade have no anchors to name', () => {
    const wall = { ...shippedCriterion('can-wall'), valueFunction: { kind: 'steps' } as const }
    expect(formatSwing(wall, 'metric')).toBe('worst to best')
  })
})
