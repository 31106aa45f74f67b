import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { criteria, shippedCriterion } from './criteria.ts'
import { effectiveCriteria, shippedMethod } from './effective-criteria.ts'
import { formatSwing } from './format-swing.ts'
import { compareSchools } from './school-differences.ts'
import { findSchool } from './schools.ts'
import { isPenalty } from './score.ts'
import { swingChecks, swingConsistency, swingParts, weightsBySwing, type Swing } from './swing-weights.ts'

const method = effectiveCriteria(shippedMethod)
const thrift = effectiveCriteria(shippedMethod, findSchool('thrift'))
const parts = swingParts(method, method)

describe('the parts that are weighed against each other', () => {
  test('hold every criterion that is averaged once, with shares that come to one', () => {
    const keys = parts.flatMap(({ criteria: those }) => those.map(({ criterion }) => criterion.key))
    const averaged = method.filter((one) => one.weight > 0 && !isPenalty(one)).map(({ key }) => key)
    expect(new Set(keys).size).toBe(keys.length)
    expect(averaged.filter((key) => !keys.includes(key))).toEqual([])
    for (const { criteria: those } of parts) expect(those.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 12)
  })

  test('money can be weighed by one who begins from a school that counts none of it', () => {
    const build = effectiveCriteria(shippedMethod, findSchool('build'))
    const value = swingParts(build, method).find(({ part }) => part === 'value')
    expect(value?.criteria.map(({ share }) => share)).toEqual(Array(3).fill(1 / 3))
  })

  test('a part of which the school counts nothing is made up as the method has it', () => {
    const without = method.map((one) => (one.part === 'spring' ? { ...one, weight: 0 } : one))
    const spring = swingParts(without, method).find(({ part }) => part === 'spring')
    expect(spring?.criteria.map(({ criterion }) => criterion.key)).toEqual(
      parts.find(({ part }) => part === 'spring')?.criteria.map(({ criterion }) => criterion.key),
    )
  })
})

describe('weights from swings', () => {
  const swings: Swing[] = [
    { part: 'media', worth: 1 },
    { part: 'can', worth: 0.5 },
    { part: 'caps', worth: 0.25 },
  ]

  // Worked by hand: worths of 1, 0.5 and 0.25 come to shares of 4/7, 2/7 and 1/7.
  test('each part weighs what its swing is worth, out of a hundred', () => {
    const weights = weightsBySwing(parts, swings, method)
    const ofPart = (part: string) =>
      method
        .filter((one) => one.part === part && !isPenalty(one))
        .reduce((sum, { key }) => sum + (weights[key] ?? 0), 0)
    expect(ofPart('media')).toBeCloseTo(400 / 7, 1)
    expect(ofPart('can')).toBeCloseTo(200 / 7, 1)
    expect(ofPart('caps')).toBeCloseTo(100 / 7, 1)
    expect(ofPart('spring')).toBe(0)
  })

  test('within a part the proportions of the school stay', () => {
    const weights = weightsBySwing(swingParts(thrift, method), [{ part: 'value', worth: 1 }], thrift)
    expect((weights.price ?? 0) / (weights['area-for-money'] ?? 1)).toBeCloseTo(34 / 10, 2)
  })

  test('what takes points away keeps its weight beside the rest', () => {
    const weights = weightsBySwing(parts, swings, method)
    const sum = method.filter((one) => !isPenalty(one)).reduce((total, { weight }) => total + weight, 0)
    expect(weights.rust).toBeCloseTo((100 * shippedCriterion('rust').weight) / sum, 2)
  })

  test('nothing that matters gives no weight to anything that is averaged', () => {
    const weights = weightsBySwing(parts, [], method)
    expect(method.filter((one) => !isPenalty(one) && weights[one.key] !== 0)).toEqual([])
  })

  test('whatever the swings, the weights come to a hundred and none passes it', () => {
    const swing = fc.record({
      part: fc.constantFrom(...parts.map(({ part }) => part)),
      worth: fc.double({ min: 0.01, max: 1, noNaN: true }),
    })
    fc.assert(
      fc.property(fc.uniqueArray(swing, { selector: ({ part }) => part, minLength: 1 }), (given) => {
        const weights = weightsBySwing(parts, given, method)
        const averaged = method.filter((one) => !isPenalty(one)).map(({ key }) => weights[key] ?? 0)
        expect(averaged.reduce((sum, weight) => sum + weight, 0)).toBeCloseTo(100, 0)
        expect(Math.max(...averaged)).toBeLessThanOrEqual(100)
      }),
    )
  })
})

describe('asking again', () => {
  const swings: Swing[] = [
    { part: 'media', worth: 1 },
    { part: 'can', worth: 0.8 },
    { part: 'caps', worth: 0.6 },
    { part: 'adbv', worth: 0.4 },
    { part: 'spring', worth: 0 },
  ]

  test('pairs without the first and without what does not matter', () => {
    expect(swingChecks(swings)).toEqual([{ part: 'adbv', against: 'can' }])
    expect(swingChecks(swings.slice(0, 1))).toEqual([])
  })

  test('answers that agree part by a factor of one', () => {
    expect(swingConsistency(swings, [{ part: 'adbv', against: 'can', worth: 0.5 }])?.factor).toBeCloseTo(1, 12)
  })

  // Worked by hand: the logarithms of 2 and of 1/2 have a mean size of ln 2.
  test('the factor is the geometric mean of how far the answers part, either way; the worst is named', () => {
    const consistency = swingConsistency(swings, [
      { part: 'adbv', against: 'can', worth: 1 },
      { part: 'caps', against: 'can', worth: 0.375 },
      { part: 'spring', against: 'can', worth: 0.3 },
    ])
    expect(consistency?.factor).toBeCloseTo(2, 12)
    expect(consistency?.worst).toMatchObject({ part: 'adbv', against: 'can', worth: 1, implied: 0.5 })
  })

  test('nothing asked again says nothing', () => expect(swingConsistency(swings, [])).toBeUndefined())
})

describe('a swing in words', () => {
  test('from the worst to the best of its rule', () => {
    expect(formatSwing(shippedCriterion('adbv-material'), 'metric')).toMatch(/ to Silicone$/)
    expect(formatSwing(shippedCriterion('can-wall'), 'imperial')).toBe('0.014 to 0.024 in')
  })

  test('every criterion has one', () => {
    for (const criterion of criteria) expect(formatSwing(criterion, 'metric')).toMatch(/ to |takes points away/)
  })
})

describe('schools side by side', () => {
  test('a school beside itself differs in nothing', () => {
    const { criteria: differing, distances } = compareSchools([thrift, thrift])
    expect(differing).toEqual([])
    expect(distances).toEqual([
      [0, 0],
      [0, 0],
    ])
  })

  // Worked by hand: all the weight on glue against three quarters on it moves a quarter of the weight.
  test('the distance is the share of the weight that would have to move', () => {
    const [glue, wall] = [shippedCriterion('glue'), shippedCriterion('can-wall')]
    const { distances, parts: sides } = compareSchools([
      [
        { ...glue, weight: 5 },
        { ...wall, weight: 0 },
      ],
      [
        { ...glue, weight: 3 },
        { ...wall, weight: 1 },
      ],
    ])
    expect(distances[0]?.[1]).toBeCloseTo(0.25, 12)
    expect(sides.find(({ part }) => part === 'can')?.shares).toEqual([0, 0.25])
  })

  test('a house rule that differs is told even where the weights agree', () => {
    const spring = shippedCriterion('spring')
    const other = { ...spring, valueFunction: { kind: 'answers' as const, points: { coil: 10, leaf: 10 } } }
    expect(compareSchools([[spring], [other]]).criteria).toMatchObject([{ rulesDiffer: true, spread: 0 }])
  })

  test('thrift parts from the method most on the price', () => {
    expect(compareSchools([method, thrift]).criteria[0]?.criterion.key).toBe('price')
  })
})

describe('what is asked again', () => {
  const swing = (part: Swing['part'], worth: number): Swing => ({ part, worth })

  test('of two that count beside the first, the one beside the other; in their order of worth', () => {
    expect(swingChecks([swing('caps', 0.2), swing('can', 1), swing('media', 0.8)])).toEqual([
      { part: 'caps', against: 'media' },
    ])
    expect(swingChecks([swing('can', 1), swing('media', 0.8)])).toEqual([])
  })

  test('of more, two places apart, three at most; what is worth nothing is not asked about', () => {
    const all = [
      swing('media', 1),
      swing('can', 0.9),
      swing('caps', 0.8),
      swing('adbv', 0.7),
      swing('spring', 0.6),
      swing('gasket', 0.5),
      swing('plate', 0.4),
      swing('value', 0),
    ]
    expect(swingChecks(all)).toEqual([
      { part: 'adbv', against: 'can' },
      { part: 'spring', against: 'caps' },
      { part: 'gasket', against: 'adbv' },
    ])
    expect(swingChecks(all.slice(0, 4))).toEqual([{ part: 'adbv', against: 'can' }])
  })

  test('what parts most is told with what it should be; checks of nothing count for nothing', () => {
    const swings = [swing('media', 1), swing('can', 0.8), swing('caps', 0.4), swing('adbv', 0)]
    const told = swingConsistency(swings, [
      { part: 'caps', against: 'can', worth: 0.5 },
      { part: 'can', against: 'media', worth: 0.2 },
      { part: 'caps', against: 'media', worth: 0 },
      { part: 'adbv', against: 'media', worth: 1 },
      { part: 'media', against: 'adbv', worth: 1 },
      { part: 'plate', against: 'media', worth: 1 },
    ])
    expect(told?.factor).toBeCloseTo(2, 9)
    expect(told?.worst).toEqual({ part: 'can', against: 'media', worth: 0.2, implied: 0.8 })
    expect(swingConsistency(swings, [])).toBeUndefined()
  })
})

test('a part is told heaviest first, without what has no share; one that nobody weighs is shared alike', () => {
  const [first, second] = method.filter(({ part, ...one }) => part === 'can' && !isPenalty({ part, ...one }))
  const [light, heavy] = [
    { ...first!, weight: 1 },
    { ...second!, weight: 3 },
  ]
  expect(swingParts([light, heavy], []).map(({ criteria: those }) => those.map(({ share }) => share))).toEqual([
    [0.75, 0.25],
  ])
  const none = [
    { ...first!, weight: 0 },
    { ...second!, weight: 0 },
  ]
  expect(swingParts(none, [light, { ...heavy, weight: 0 }])[0]?.criteria.map(({ criterion }) => criterion.key)).toEqual(
    [first!.key],
  )
  expect(swingParts(none, [])[0]?.criteria.map(({ share }) => share)).toEqual([0.5, 0.5])
  expect(weightsBySwing(swingParts(none, []), [], none)).toEqual({ [first!.key]: 0, [second!.key]: 0 })
  expect(weightsBySwing([], [], [shippedCriterion('rust')])).toEqual({ rust: 0 })
})
