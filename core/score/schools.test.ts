import { describe, expect, test } from 'vitest'
import { characteristicOf } from '#core/catalogue/index.ts'
import { criteria } from './criteria.ts'
import { disagreements } from './disagreements.ts'
import { effectiveCriteria, shippedMethod } from './effective-criteria.ts'
import { findSchool, schools, shippedSchool } from './schools.ts'

describe('schools', () => {
  test('at least six; every weight and house rule names a criterion, every answer one of its own', () => {
    expect(schools.length).toBeGreaterThanOrEqual(6)
    for (const { weights, valueFunctions, description } of schools) {
      expect(description.split('. ').length).toBe(2)
      for (const key of [...Object.keys(weights), ...Object.keys(valueFunctions)])
        expect(criteria.map((c) => c.key)).toContain(key)
      for (const [key, rule] of Object.entries(valueFunctions)) {
        const of = characteristicOf(criteria.find((c) => c.key === key)!.attribute)
        if (rule.kind === 'answers')
          for (const answer of Object.keys(rule.points))
            expect(of.kind === 'choice' && of.options.some(({ value }) => value === answer), `${key} ${answer}`).toBe(
              true,
            )
      }
    }
  })

  test('every question of taste has at least two sides, and every school stands on exactly one', () => {
    for (const { sides, question } of disagreements) {
      expect(sides.length).toBeGreaterThanOrEqual(2)
      if (question === 'Fine media or much media?') continue
      for (const { id } of schools.filter((school) => school.id !== 'plain'))
        expect(sides.filter((side) => side.schools.includes(id)).length, `${question} ${id}`).toBe(1)
    }
  })

  test('Neutral takes no side and counts nothing that is disputed; some school counts each of it', () => {
    const neutral = effectiveCriteria(shippedMethod, shippedSchool('plain'))
    for (const { question, criteria: disputed, sides } of disagreements) {
      expect(
        sides.some((side) => side.schools.includes('plain')),
        question,
      ).toBe(false)
      for (const key of disputed) {
        expect(neutral.find((criterion) => criterion.key === key)?.weight, `${question} ${key}`).toBe(0)
        const counted = schools.some((one) =>
          effectiveCriteria(shippedMethod, one).some((criterion) => criterion.key === key && criterion.weight > 0),
        )
        expect(counted, key).toBe(true)
      }
    }
    expect(neutral.filter(({ weight }) => weight > 0).length).toBeGreaterThan(20)
  })

  test('how a box is closed is a clue and no quality: no school that ships counts it', () => {
    for (const school of schools)
      expect(effectiveCriteria(shippedMethod, school).find(({ key }) => key === 'closure')?.weight).toBe(0)
  })
})

test('a school of no such name is none, and asking for it is a fault of the program', () => {
  expect(findSchool('nothing')).toBeUndefined()
  expect(() => shippedSchool('nothing')).toThrow('There is no school "nothing"')
})

test('what a school names it decides, over the method in force; the rest is the method’s', () => {
  const method = { ...shippedMethod, weights: { 'can-wall': 1, glue: 2 } }
  const weightOf = (key: string) =>
    effectiveCriteria(method, shippedSchool('paper')).find((criterion) => criterion.key === key)?.weight
  expect(weightOf('can-wall')).toBe(shippedSchool('paper').weights['can-wall'])
  expect(weightOf('glue')).toBe(2)
})

test('a value function of the method is in force, and one of the school before it', () => {
  const ofMethod = {
    kind: 'scale',
    points: [
      [0.0003, 2],
      [0.0005, 9],
    ],
  } as const
  const ofSchool = { kind: 'scale', points: [[0.0004, 1]] } as const
  const method = { ...shippedMethod, valueFunctions: { 'can-wall': ofMethod } }
  const own = { ...shippedSchool('build'), valueFunctions: { 'can-wall': ofSchool } }
  const functionOf = (...inForce: Parameters<typeof effectiveCriteria>) =>
    effectiveCriteria(...inForce).find(({ key }) => key === 'can-wall')?.valueFunction
  expect(functionOf(method)).toEqual(ofMethod)
  expect(functionOf(method, shippedSchool('build'))).toEqual(ofMethod)
  expect(functionOf(method, own)).toEqual(ofSchool)
  expect(functionOf(shippedMethod)).not.toEqual(ofMethod)
})
