import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { characteristicOf } from '#core/catalogue/index.ts'
import type { Cell } from '#core/compare/lineup.ts'
import type { Driver } from '#core/money/driver.ts'
import { criteria } from './criteria.ts'
import { driverFactor, driverRules } from './driver-rules.ts'
import { flipByValue, flipByWeight, worthTaking } from './flip.ts'
import { disagreements, findSchool, schools } from './schools.ts'
import { firstMethod, schemeOf } from './scheme.ts'
import { scoreColumn } from './score.ts'

const number = (value: number, u = 0, evidence: 'measured' | 'inferred' = 'measured'): Cell => ({
  state: 'number',
  value,
  u,
  evidence,
  specimen: 's',
  of: 1,
})
const words = (answer: string): Cell => ({
  state: 'words',
  text: answer,
  answers: [answer],
  evidence: 'observed',
  specimen: 's',
  of: 1,
})
const full = (wall: number, more: [string, Cell][] = []) =>
  new Map<string, Cell>([
    ['can.wall', number(wall, 0.000005)],
    ['glue.grade', number(3)],
    ['adbv.material', words('silicone')],
    ['media.type', words('blend')],
    ['media.area', number(0.09, 0.001)],
    ...more,
  ])
const build = schemeOf(firstMethod, findSchool('build'))
const score = (cells: Map<string, Cell>, scheme = build) => scoreColumn('spin-on', cells, new Map(), scheme, [])

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
    const paper = schemeOf(firstMethod, findSchool('paper')).filter(({ key }) => key === 'efficiency')
    const line = scoreColumn('spin-on', new Map(), new Map([['claim.efficiency', { low: 0.9, high: 0.97 }]]), paper, [])
      .lines[0]!
    expect([line.low, line.high]).toEqual([4, 7])
  })

  test('a rival more never reorders the others, for no rule looks at them', () => {
    const [a, b] = [score(full(0.0005)), score(full(0.0004))]
    expect(a.value).toBeGreaterThan(b.value!)
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
          const scheme = schemeOf(firstMethod, school)
          const at = (s: number) => score(full(0.00045, [[key, cell(s)]]), scheme).value!
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

describe('what would change the verdict', () => {
  const [first, second] = [score(full(0.0005)), score(full(0.0004, [['media.area', number(0.11, 0.001)]]))]

  test('the weight that flips first and second makes them equal, and a little more turns them', () => {
    const flip = flipByWeight(first, second)
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
    const flip = flipByValue(first, second, (whose, key) => values[whose]![key])!
    const wall = flip.criterion === 'can-wall' ? flip.to : undefined
    const area = flip.criterion === 'area' ? flip.to : undefined
    const changed =
      flip.whose === 'first'
        ? score(full(wall ?? 0.0005, [['media.area', number(area ?? 0.09, 0.001)]]))
        : score(full(wall ?? 0.0004, [['media.area', number(area ?? 0.11, 0.001)]]))
    expect(changed.value).toBeCloseTo((flip.whose === 'first' ? second : first).value!, 4)
  })

  test('the reading most worth taking is the open one with most weight', () => {
    const next = worthTaking([{ id: 'a', score: first }])!
    const open = first.lines.filter(({ points }) => points === undefined).map(({ criterion }) => criterion.weight)
    expect(next.line.criterion.weight).toBe(Math.max(...open))
  })
})

describe('schools', () => {
  test('at least six; every weight and house rule names a criterion, every answer one of its own', () => {
    expect(schools.length).toBeGreaterThanOrEqual(6)
    for (const { weights, rules, says } of schools) {
      expect(says.split('. ').length).toBe(2)
      for (const key of [...Object.keys(weights), ...Object.keys(rules)])
        expect(criteria.map((c) => c.key)).toContain(key)
      for (const [key, rule] of Object.entries(rules)) {
        const of = characteristicOf(criteria.find((c) => c.key === key)!.from)
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
      for (const { id } of schools)
        expect(sides.filter((side) => side.schools.includes(id)).length, `${question} ${id}`).toBe(1)
    }
  })
})

test('the driver shifts weights by rules that can be read', () => {
  const driver: Driver = {
    id: 'd',
    name: 'd',
    distance: 3e7,
    habit: { distance: 15e6, months: null },
    duty: 'severe',
    climate: 'hot',
    position: 'hanging',
    oilHot: 403,
    meetsOil: true,
    vehicles: 1,
  }
  const rules = driverRules(driver, [9e6, 15e6])
  expect(rules.map(({ key }) => key)).toEqual(['hanging', 'hot', 'long', 'severe'])
  expect(driverFactor(rules, 'adbv-material')).toBeCloseTo(3.2, 9)
  expect(schemeOf(firstMethod, undefined, rules).find(({ key }) => key === 'adbv-material')!.weight).toBeCloseTo(
    5 * 3.2,
    9,
  )
  expect(
    driverRules({ ...driver, position: 'upright', oilHot: null, climate: 'mild', duty: 'normal' }, [10e6]).map(
      ({ key }) => key,
    ),
  ).toEqual(['upright'])
})
