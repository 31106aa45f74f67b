import { describe, expect, test } from 'vitest'
import type { Cell } from '#core/compare/cell.ts'
import type { Row } from '#core/compare/lineup.ts'
import { findCharacteristic, minutesOf } from '#core/catalogue/index.ts'
import { effectiveCriteria, shippedMethod } from '#core/score/effective-criteria.ts'
import { shippedSchool } from '#core/score/schools.ts'
import { cheapestReview, settledByReading } from './cheapest-review.ts'
import { formatCheapestReview, formatMinutes, planByProduct } from './format-cheapest.ts'
import { evaluateRevisions, type RevisionContext } from './ranking.ts'

const number = (value: number): Cell => ({ state: 'number', value, u: 0, evidence: 'measured', specimen: 's', of: 1 })
const grade = number
const missing: Cell = { state: 'missing' }
const row = (key: string, ...cells: Cell[]): Row => ({
  ...{ key, label: key, kind: 'characteristic', differs: false, cells },
  part: findCharacteristic(key)?.part ?? 'can',
})
const context = (id: string, more: Partial<RevisionContext> = {}): RevisionContext => ({
  ...{ id, fatalFaults: [], misfits: [], attributes: {} },
  ...more,
})
/** Only what is named counts. */
const only = (weights: Record<string, number>) =>
  effectiveCriteria(shippedMethod, {
    ...shippedSchool('build'),
    weights: Object.fromEntries(effectiveCriteria(shippedMethod).map(({ key }) => [key, weights[key] ?? 0])),
  })
const reviewOf = (rows: Row[], weights: Record<string, number>, contexts = [context('a'), context('b')]) =>
  cheapestReview(evaluateRevisions('spin-on', contexts, rows, only(weights)), rows)

describe('the cheapest complete review', () => {
  test('where somebody leads already nothing more is needed', () => {
    const review = reviewOf([row('can.wall', number(0.0006), number(0.0004))], { 'can-wall': 1 })!
    expect(review).toMatchObject({ before: 1, after: 1, minutes: 0, plan: [] })
    expect(formatCheapestReview(review)).toBe(
      'Nothing more is needed: the one that is named is right over 99 % of the time as it stands.',
    )
  })

  test('two of which nothing is known: what weighs most is taken first, and is enough', () => {
    const rows = [
      row('glue.grade', missing, missing),
      row('can.wall', missing, missing),
      row('can.print', missing, missing),
    ]
    const review = reviewOf(rows, { glue: 12, 'can-wall': 1, print: 0.5 })!
    expect(review.before).toBeLessThan(0.65)
    expect(review.after).toBeGreaterThanOrEqual(0.8)
    expect(review.plan[0]).toMatchObject({ criterion: 'glue', readings: ['glue.grade'] })
    expect(review.plan.every(({ criterion }) => criterion === 'glue')).toBe(true)
    expect(review.minutes).toBe(review.plan.reduce((sum, { minutes }) => sum + minutes, 0))
    expect(formatCheapestReview(review)).toMatch(/^\d+ minutes? on 2 filters would do: then .* from \d+ % now\.$/)
  })

  test('what cannot be taken any more is not planned, and that it is not enough is said', () => {
    const past = { passedSteps: [findCharacteristic('glue.grade')!.lostAfter] }
    const rows = [row('glue.grade', missing, missing)]
    const review = reviewOf(rows, { glue: 1 }, [context('a', past), context('b', past)])!
    expect(review.plan).toEqual([])
    expect(formatCheapestReview(review)).toContain('Nothing that can still be taken makes it surer')
  })

  test('readings that two figures share are taken once', () => {
    const keys = ['media.length', 'media.width', 'pleats.count', 'element.height', 'core.diameter', 'element.diameter']
    const rows = [
      ...keys.map((key) => row(key, missing, missing)),
      { ...row('media.area', missing, missing), kind: 'figure' as const },
      { ...row('pleat.crowding', missing, missing), kind: 'figure' as const },
    ]
    const review = reviewOf(rows, { area: 5, crowding: 5 })!
    for (const column of ['a', 'b']) {
      const readings = review.plan.filter((one) => one.column === column).flatMap((one) => one.readings)
      expect(new Set(readings).size).toBe(readings.length)
    }
    expect(review.plan.length).toBeGreaterThan(0)
  })

  test('of answers that weigh the same the one that takes least time comes first, and the heavier of two as long', () => {
    const rows = ['can.wall', 'can.print', 'glue.grade'].map((key) => row(key, missing, missing))
    const first = (weights: Record<string, number>) => reviewOf(rows, weights)?.plan[0]?.criterion
    expect(first({ 'can-wall': 6, print: 6 })).toBe('print')
    expect(first({ glue: 6, print: 1 })).toBe('glue')
  })

  test('a reading that two answers rest on is taken once, and its minutes are counted once', () => {
    const keys = ['pleats.count', 'media.thickness', 'element.id']
    const rows = [
      ...[...keys, 'gasket.hold'].map((key) => row(key, missing, missing)),
      { ...row('pleat.crowding', missing, missing), kind: 'figure' as const },
    ]
    // What weighs most can be had no more: all the rest is taken, and is not enough.
    const past = { passedSteps: [findCharacteristic('gasket.hold')!.lostAfter] }
    const weights = { crowding: 6, 'pleat-count': 6, 'gasket-hold': 30 }
    const review = reviewOf(rows, weights, [context('a', past), context('b', past)])!
    const own = review.plan.filter(({ column }) => column === 'a')
    expect(own.map(({ criterion }) => criterion).sort()).toEqual(['crowding', 'pleat-count'])
    const readings = own.flatMap((one) => one.readings)
    expect([...readings].sort()).toEqual([...keys].sort())
    const minutes = readings.reduce((sum, key) => sum + minutesOf(findCharacteristic(key)!), 0)
    expect(own.reduce((sum, one) => sum + one.minutes, 0)).toBeCloseTo(minutes)
  })

  test('what was taken first and is not needed in the end is taken out again', () => {
    const rows = ['can.wall', 'can.print'].map((key) => row(key, missing, missing))
    const review = reviewOf(rows, { 'can-wall': 8, print: 3 })!
    expect(review.plan.map(({ criterion }) => criterion)).toEqual(['can-wall', 'can-wall'])
    expect(review.after).toBeGreaterThanOrEqual(0.8)
  })

  test('of two alike the right one is named about as often as the closed form of two normals has it', () => {
    const review = reviewOf([row('glue.grade', missing, missing)], { glue: 6 })!
    // Sheppard 1899, from memory: with so much of the doubt settled, 1/2 + arcsin(root of it) / pi.
    const closed = 0.5 + Math.asin(Math.sqrt(settledByReading)) / Math.PI
    expect(Math.abs(review.before - 0.5)).toBeLessThan(0.03)
    expect(Math.abs(review.after - closed)).toBeLessThan(0.05)
  })

  test('it takes two that fit, and one that is unfit is not planned for', () => {
    const rows = [row('glue.grade', grade(2), missing)]
    expect(reviewOf(rows, { glue: 1 }, [context('a'), context('b', { misfits: ['too high'] })])).toBeUndefined()
    expect(reviewOf([], { glue: 1 }, [])).toBeUndefined()
  })

  test('it says the same each time', () => {
    const rows = [row('glue.grade', grade(2), missing), row('can.wall', missing, number(0.0005))]
    const weights = { glue: 5, 'can-wall': 5 }
    expect(reviewOf(rows, weights)).toEqual(reviewOf(rows, weights))
  })
})

test('product by product the longest comes first, in minutes begun', () => {
  const answer = (column: string, minutes: number) => ({ column, minutes, criterion: '', label: '', readings: [] })
  const plan = planByProduct([answer('a', 1), answer('b', 3), answer('a', 1.5)])
  expect(plan.map(({ column, minutes }) => [column, minutes])).toEqual([
    ['b', 3],
    ['a', 2.5],
  ])
  expect(formatMinutes(2.5)).toBe('3 minutes')
  expect(formatMinutes(1)).toBe('1 minute')
})
