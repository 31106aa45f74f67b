import { describe, expect, test } from 'vitest'
import type { Cell } from '#core/compare/cell.ts'
import { breakEvenValue, breakEvenWeight, mostOpenLine } from './break-even.ts'
import { full, number } from './cells.fixture.ts'
import { effectiveCriteria, shippedMethod } from './effective-criteria.ts'
import { shippedSchool } from './schools.ts'
import { scoreRevision } from './score-revision.ts'

const build = effectiveCriteria(shippedMethod, shippedSchool('build'))
const score = (cells: Map<string, Cell>, criteria = build) => scoreRevision('spin-on', cells, new Map(), criteria, [])

describe('what would change the verdict', () => {
  const [first, second] = [score(full(0.0005)), score(full(0.0004, [['media.area', number(0.11, 0.001)]]))]

  test('the weight that flips first and second makes them equal, and a little more turns them', () => {
    const flip = breakEvenWeight(first, second)
    expect(flip).toBeDefined()
    const at = (weight: number) =>
      [full(0.0005), full(0.0004, [['media.area', number(0.11, 0.001)]])].map(
        (cells) =>
          score(
            cells,
            build.map((c) => (c.key === flip!.criterion ? { ...c, weight } : c)),
          ).value!,
      )
    const [a, b] = at(flip!.to)
    expect(a).toBeCloseTo(b!, 6)
  })

  test('the value that flips them does so when it is put in', () => {
    const values: Record<string, Record<string, number>> = {
      first: { 'can-wall': 0.0005, area: 0.09 },
      second: { 'can-wall': 0.0004, area: 0.11 },
    }
    const flip = breakEvenValue(first, second, (whose, key) => values[whose]![key])!
    const wall = flip.criterion === 'can-wall' ? flip.to : undefined
    const area = flip.criterion === 'area' ? flip.to : undefined
    const changed =
      flip.whose === 'first'
        ? score(full(wall ?? 0.0005, [['media.area', number(area ?? 0.09, 0.001)]]))
        : score(full(wall ?? 0.0004, [['media.area', number(area ?? 0.11, 0.001)]]))
    expect(changed.value).toBeCloseTo((flip.whose === 'first' ? second : first).value!, 4)
  })

  test('the reading most worth taking is the open one with most weight', () => {
    const next = mostOpenLine([{ id: 'a', score: first }])!
    const open = first.lines.filter(({ points }) => points === undefined).map(({ criterion }) => criterion.weight)
    expect(next.line.criterion.weight).toBe(Math.max(...open))
  })
})
