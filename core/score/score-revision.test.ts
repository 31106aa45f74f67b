import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { Cell } from '#core/compare/cell.ts'
import { full, number, words } from './cells.fixture.ts'
import { effectiveCriteria, shippedMethod } from './effective-criteria.ts'
import { fatalFaultCap } from './fatal-faults.ts'
import { schools, shippedSchool } from './schools.ts'
import { scoreRevision } from './score-revision.ts'

const build = effectiveCriteria(shippedMethod, shippedSchool('build'))
const score = (cells: Map<string, Cell>, criteria = build) => scoreRevision('spin-on', cells, new Map(), criteria, [])

describe('judging a column', () => {
  test('inferred evidence bears half its weight, the other half stays open', () => {
    const [sure, guessed] = [
      score(new Map([['glue.grade', number(2)]])),
      score(new Map([['glue.grade', number(2, 0, 'inferred')]])),
    ]
    expect(guessed.value).toBeCloseTo(sure.value!, 9)
    expect(guessed.coverage).toBeCloseTo(sure.coverage / 2, 9)
  })

  test('bounds of a claim become bounds of points', () => {
    const paper = effectiveCriteria(shippedMethod, shippedSchool('paper')).filter(({ key }) => key === 'efficiency')
    const line = scoreRevision(
      'spin-on',
      new Map(),
      new Map([['claim.efficiency', { low: 0.9, high: 0.97 }]]),
      paper,
      [],
    ).lines[0]!
    expect([line.low, line.high]).toEqual([4, 7])
  })

  test('what does not apply is left out, and its weight with it', () => {
    const cells = full(0.0005, [['glue.grade', { state: 'not-applicable', reason: 'the media is welded' }]])
    const line = score(cells).lines.find(({ criterion }) => criterion.key === 'glue')
    expect(line).toMatchObject({ notApplicableReason: 'the media is welded', high: 0 })
    expect(score(cells).coverage).toBeGreaterThan(score(full(0.0005, [['glue.grade', { state: 'missing' }]])).coverage)
  })

  test('a fatal fault of any specimen caps the column', () => {
    const rust = { key: 'inside.rust', description: 'rust inside a new filter' }
    const capped = scoreRevision('spin-on', full(0.0006), new Map(), build, [rust])
    expect(capped).toMatchObject({ value: fatalFaultCap, fatalFaults: [rust] })
  })

  test('a better reading never lowers a score, whatever the school', () => {
    const better: [string, (step: number) => Cell][] = [
      ['can.wall', (step) => number(0.0003 + step * 0.00003)],
      ['glue.grade', (step) => number(Math.min(4, step))],
      ['media.area', (step) => number(0.04 + step * 0.01)],
      ['core.stiffness', (step) => number(Math.min(4, step))],
    ]
    fc.assert(
      fc.property(
        fc.constantFrom(...schools),
        fc.constantFrom(...better),
        fc.nat(8),
        fc.nat(3),
        (school, [key, cell], step, more) => {
          const criteria = effectiveCriteria(shippedMethod, school)
          const at = (s: number) => score(full(0.00045, [[key, cell(s)]]), criteria).value!
          return at(step + more) >= at(step) - 1e-9
        },
      ),
    )
  })

  test('the interval of what is missing contains the completed score', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 4 }), fc.constantFrom('coil', 'leaf', 'combination'), (grade, bypass) => {
        const [before, after] = [
          score(full(0.00045)),
          score(
            full(0.00045, [
              ['pleats.spacing', number(grade)],
              ['bypass.build', words(bypass)],
            ]),
          ),
        ]
        return (
          after.low >= before.low - 1e-9 &&
          after.high <= before.high + 1e-9 &&
          after.value! >= before.low &&
          after.value! <= before.high
        )
      }),
    )
  })
})
