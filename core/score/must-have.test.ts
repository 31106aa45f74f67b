import { describe, expect, test } from 'vitest'
import type { Cell } from '#core/compare/cell.ts'
import type { Row } from '#core/compare/lineup.ts'
import { evaluateRevisions } from '#core/verdict/ranking.ts'
import { shippedCriterion } from './criteria.ts'
import { effectiveCriteria, shippedMethod } from './effective-criteria.ts'
import { unmetMustHaves } from './must-have.ts'
import { shippedSchool } from './schools.ts'

const words = (answer: string, more: object = {}): Cell =>
  ({ state: 'words', text: answer, answers: [answer], evidence: 'observed', specimen: 's', of: 1, ...more }) as Cell
const wall = (value: number): Cell => ({ state: 'number', value, u: 0, evidence: 'measured', specimen: 's', of: 1 })
const must = (key: string, mustHave: number) => ({ ...shippedCriterion(key), mustHave })
const unmet = (of: ReturnType<typeof must>, cells: [string, Cell][] = [], attributes = new Map()) =>
  unmetMustHaves('spin-on', new Map(cells), attributes, [of])

describe('what a school must have', () => {
  test('is said when a filter is known to have less, with how much', () => {
    expect(unmet(must('adbv-material', 10), [['adbv.material', words('nitrile')]])).toEqual([
      'this school must have it: Anti-drain-back valve material has 4 points of at least 10',
    ])
    expect(unmet(must('adbv-material', 10), [['adbv.material', words('silicone')]])).toEqual([])
    expect(unmet(must('can-wall', 5), [['can.wall', wall(0.0004)]])).toHaveLength(1)
    expect(unmet(must('can-wall', 5), [['can.wall', wall(0.0005)]])).toEqual([])
  })

  test('is not said of what is not known, of another form, or by the look of it', () => {
    expect(unmet(must('adbv-material', 10))).toEqual([])
    const looks = words('nitrile', { evidence: 'inferred' })
    expect(unmet(must('adbv-material', 7), [['adbv.material', looks]])).toEqual([])
    expect(unmet(must('spigot', 10), [['cartridge.spigot', words('none')]])).toEqual([])
  })

  test('of claims counts when even the best that they leave open is too little', () => {
    const claimed = (high: number) => new Map([['claim.efficiency', { low: 0, high }]]) as never
    expect(unmet(must('efficiency', 9), [], claimed(0.95))).toHaveLength(1)
    expect(unmet(must('efficiency', 9), [], claimed(0.99))).toEqual([])
  })
})

test('by a school with a must the filter is unfit and not low; weight or none', () => {
  const context = { id: 'a', fatalFaults: [], misfits: [], attributes: {} }
  const row: Row = {
    ...{
      key: 'adbv.material',
      label: 'Material',
      part: 'adbv' as const,
      kind: 'characteristic' as const,
      differs: false,
    },
    cells: [words('nitrile')],
  }
  const excludedBy = (mustHaves: Record<string, number>, weights: Record<string, number> = {}) => {
    const criteria = effectiveCriteria(shippedMethod, { ...shippedSchool('build'), weights, mustHaves })
    return evaluateRevisions('spin-on', [context], [row], criteria)[0]!.excluded
  }
  expect(excludedBy({})).toBeUndefined()
  expect(excludedBy({ 'adbv-material': 5 })).toContain('must have it')
  expect(excludedBy({ 'adbv-material': 5 }, { 'adbv-material': 0 })).toContain('must have it')
})
