import { describe, expect, test } from 'vitest'
import { effectiveCriteria, shippedMethod } from '#core/score/effective-criteria.ts'
import { writeValueFunction } from '#core/score/rule-text.ts'
import { parseCriterionEdits } from './criterion-edits.ts'

const criteria = effectiveCriteria(shippedMethod)
const wall = criteria.find(({ key }) => key === 'can-wall')!

describe('weights', () => {
  test.each([
    ['12', 12],
    ['0', 0],
    ['100', 100],
    ['2,5', 2.5],
    [' 7 ', 7],
  ])('"%s" is a weight', (weight, number) => {
    expect(parseCriterionEdits(criteria, { 'can-wall': { weight } })).toEqual({
      weights: { 'can-wall': number },
      valueFunctions: {},
      mustHaves: {},
      problems: {},
    })
  })

  test.each(['heavy', '-1', '100.5', ''])('"%s" is none, and the words stand beside its criterion', (weight) => {
    expect(parseCriterionEdits(criteria, { 'can-wall': { weight } })).toEqual({
      weights: {},
      valueFunctions: {},
      mustHaves: {},
      problems: { 'can-wall': 'A weight is a number from 0 to 100.' },
    })
  })
})

describe('what is typed as it was before', () => {
  test('is no change', () => {
    const typed = Object.fromEntries(
      criteria.map((criterion) => {
        const rule = writeValueFunction(criterion)
        return [criterion.key, { weight: ` ${criterion.weight} `, ...(rule !== undefined && { rule: ` ${rule} ` }) }]
      }),
    )
    expect(parseCriterionEdits(criteria, typed)).toEqual({
      weights: {},
      valueFunctions: {},
      mustHaves: {},
      problems: {},
    })
    expect(parseCriterionEdits(criteria, {})).toEqual({ weights: {}, valueFunctions: {}, mustHaves: {}, problems: {} })
  })
})

describe('rules', () => {
  test('a changed scale is read back in SI', () => {
    const { valueFunctions, problems } = parseCriterionEdits([wall], { 'can-wall': { rule: '0.3 = 0; 0.508 = 10' } })
    expect(problems).toEqual({})
    expect(valueFunctions['can-wall']).toEqual({
      kind: 'scale',
      points: [
        [0.0003, 0],
        [0.000508, 10],
      ],
    })
  })

  test('what is no rule is said beside its criterion, and the rest is taken', () => {
    const typed = { 'can-wall': { weight: '9', rule: 'the thicker the better' } }
    const { weights, valueFunctions, problems } = parseCriterionEdits([wall], typed)
    expect(weights).toEqual({ 'can-wall': 9 })
    expect(valueFunctions).toEqual({})
    expect(problems['can-wall']?.length).toBeGreaterThan(10)
  })

  test('of a criterion that is not there nothing is taken', () => {
    expect(parseCriterionEdits(criteria, { 'no-such': { weight: '3' } }).weights).toEqual({})
  })
})

describe('what a school must have', () => {
  const edit = (mustHave: string, key = 'can-wall') => parseCriterionEdits(criteria, { [key]: { mustHave } })

  test.each([
    ['6', 6],
    ['2,5', 2.5],
    ['10', 10],
  ])('"%s" points', (typed, points) => {
    expect(edit(typed).mustHaves).toEqual({ 'can-wall': points })
  })

  test('an empty field takes it back, and nothing typed changes nothing', () => {
    const before = criteria.map((one) => (one.key === 'can-wall' ? { ...one, mustHave: 4 } : one))
    expect(parseCriterionEdits(before, { 'can-wall': { mustHave: ' ' } }).mustHaves).toEqual({ 'can-wall': undefined })
    expect(parseCriterionEdits(before, { 'can-wall': { mustHave: '4' } }).mustHaves).toEqual({})
    expect(edit('').mustHaves).toEqual({})
  })

  test.each(['eleven', '11', '0', '-1'])('"%s" is refused beside its criterion', (typed) => {
    expect(edit(typed).problems['can-wall']).toContain('a number of points above 0, up to 10')
    expect(edit(typed).mustHaves).toEqual({})
  })

  test('a fault has points below nought: -4 forbids a serious one, 0 any', () => {
    expect(edit('-4', 'rust').mustHaves).toEqual({ rust: -4 })
    expect(edit('0', 'rust').mustHaves).toEqual({ rust: 0 })
  })
})
