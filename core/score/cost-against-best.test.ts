import { describe, expect, test } from 'vitest'
import { costAgainstBest } from './cost-against-best.ts'
import { shippedCriterion } from './criteria.ts'
import { notApplicableLine, scoreLine, type ScoreLine } from './score.ts'

const [glue, wall] = ['glue', 'can-wall'].map((key) => shippedCriterion(key)!)
const line = (criterion: NonNullable<typeof glue>, points: number): ScoreLine => ({
  ...scoreLine(criterion, undefined),
  ...{ points, low: points, high: points },
})

describe('what a criterion costs against the best', () => {
  test('the points that the best has more, by their weight in the hundred, by hand', () => {
    const own = [line(glue!, 4), line(wall!, 9)]
    const costs = costAgainstBest(own, [[line(glue!, 7), line(wall!, 3)], [line(glue!, 10)]])
    const weight = glue!.weight + wall!.weight
    expect(costs.get('glue')).toBeCloseTo((10 * 6 * glue!.weight) / weight, 9)
    expect(costs.get('can-wall')).toBe(0)
  })

  test('nothing is said where nothing is known: of its own, of any rival, or where it does not apply', () => {
    const open = scoreLine(glue!, undefined)
    expect(costAgainstBest([open], [[line(glue!, 9)]]).size).toBe(0)
    expect(costAgainstBest([line(glue!, 2)], [[open]]).size).toBe(0)
    expect(costAgainstBest([notApplicableLine(glue!, 'welded')], [[line(glue!, 9)]]).size).toBe(0)
  })
})
