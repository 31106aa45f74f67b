import { describe, expect, test } from 'vitest'
import { assessed } from '#core/examples.fixture.ts'
import { shippedCriterion } from './criteria.ts'
import { evaluateAttribute, evaluateCriterion, evidenceOfCell, evidenceOfSpecimen } from './evaluate-criterion.ts'

describe('evidence as points', () => {
  test('a number settles its points, an inferred one half of them', () => {
    const glue = shippedCriterion('glue')
    expect(evaluateCriterion(glue, { number: 2, evidence: 'observed' })).toEqual({
      low: 5,
      high: 5,
      evidence: 'observed',
    })
    expect(evaluateCriterion(glue, { number: 2, evidence: 'inferred' })).toEqual({
      low: 2.5,
      high: 7.5,
      evidence: 'inferred',
    })
  })

  test('of a fault that was inferred what it takes away stays open by half', () => {
    const rust = shippedCriterion('rust')
    const { low, high } = evaluateCriterion(rust, { answers: ['serious'], evidence: 'inferred' })!
    expect([low, high]).toEqual([-10, -5])
    expect(evaluateCriterion(rust, { answers: ['serious'], evidence: 'observed' })).toMatchObject({
      low: -10,
      high: -10,
    })
  })

  test('no answer, or one that the rule does not know, settles nothing', () => {
    const material = shippedCriterion('adbv-material')
    expect(evaluateCriterion(material, { evidence: 'observed' })).toBeUndefined()
    expect(evaluateCriterion(material, { answers: ['cheese'], evidence: 'observed' })).toBeUndefined()
  })

  test('bounds of a fact run from the worse to the better, whichever way the rule goes', () => {
    const price = shippedCriterion('price')
    const cheap = evaluateAttribute(price, { low: 3, high: 12 })!
    expect(cheap.low).toBeLessThan(cheap.high)
    expect(evaluateAttribute(shippedCriterion('adbv-material'), { low: 0, high: 1 })).toBeUndefined()
  })
})

describe('what is known of one specimen', () => {
  const { values, figures } = assessed({
    'can.wall': ['0.49 mm', '0.50 mm'],
    'adbv.material': ['silicone'],
    'pleats.count': ['50'],
    'media.length': ['1.2 m'],
    'media.width': ['50 mm'],
  })
  const of = (key: string) => evidenceOfSpecimen(shippedCriterion(key), values, figures)

  test('a reading with its uncertainty, an answer in its words', () => {
    expect(of('can-wall')).toMatchObject({ number: 0.000495, evidence: 'measured' })
    expect(of('can-wall')?.u).toBeGreaterThan(0)
    expect(of('can-wall')?.degrees).toBeGreaterThan(1)
    expect(of('adbv-material')).toEqual({ answers: ['silicone'], evidence: 'observed' })
  })

  test('a figure where it is known, and nothing where it is not or nobody looked', () => {
    expect(of('area')?.number).toBeCloseTo(0.06, 2)
    expect(of('crowding')).toBeUndefined()
    expect(of('glue')).toBeUndefined()
  })
})

test('a cell says its number or its answers; openings and what is missing say nothing', () => {
  const basis = { specimen: 's', of: 2 }
  expect(evidenceOfCell({ state: 'number', value: 3, u: 0.1, evidence: 'measured', ...basis })).toMatchObject({
    number: 3,
    u: 0.1,
    of: 2,
  })
  expect(evidenceOfCell({ state: 'words', text: 'Coil', answers: ['coil'], evidence: 'observed', ...basis })).toEqual({
    answers: ['coil'],
    evidence: 'observed',
    of: 2,
  })
  expect(evidenceOfCell({ state: 'openings', groups: [], evidence: 'measured', ...basis })).toBeUndefined()
})
