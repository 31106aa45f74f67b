import { describe, expect, test } from 'vitest'
import { minutesOf, characteristicOf } from '#core/catalogue/index.ts'
import type { Cell } from '#core/compare/cell.ts'
import { effectiveCriteria, shippedMethod } from '#core/score/effective-criteria.ts'
import { evaluateRevisions } from '#core/verdict/ranking.ts'
import { basis, grade, missing, row } from '#core/verdict/rows.fixture.ts'
import { candidates } from './candidate.ts'
import { openingGain } from './opening-gain.ts'
import { recordingMinutes } from './recording-minutes.ts'

const words = (answer: string): Cell => ({ state: 'words', text: answer, answers: [answer], ...basis })

const criteria = effectiveCriteria(shippedMethod).filter(({ attribute }) =>
  ['glue.grade', 'adbv.material'].includes(attribute),
)

/** Filters by their glue and valve; of one beyond the rows nothing is known. */
function lineup(glue: Cell[], valve: Cell[], more: number, fatal: readonly number[] = []) {
  const rows = [row('glue.grade', glue, 'caps'), row('adbv.material', valve, 'adbv')]
  const contexts = Array.from({ length: glue.length + more }, (_, at) => ({
    id: `r${at}`,
    fatalFaults: fatal.includes(at) ? [{ key: 'leak', description: 'leaks' } as never] : [],
    misfits: [],
    attributes: {},
  }))
  const all = evaluateRevisions('spin-on', contexts, rows, criteria)
  return { rows, opened: all.slice(0, glue.length), unopened: all.slice(glue.length) }
}

const best = () => lineup([grade(4, 0.05)], [words('silicone')], 1)
const worst = () => lineup([grade(0, 0.05)], [words('nitrile')], 1)

describe('to open one that nobody has opened', () => {
  test('beside the worst there is, naming it is nearly always wrong, and opening tells nearly all', () => {
    const { opened, unopened } = worst()
    expect(openingGain(opened, unopened[0]!)).toBeGreaterThan(0.5)
  })

  test('beside the best there is it is hardly worth the work', () => {
    const { opened, unopened } = best()
    expect(openingGain(opened, unopened[0]!)).toBeLessThan(openingGain(worst().opened, worst().unopened[0]!) / 3)
  })

  test('is worth as little as nothing where it cannot be first, and never less', () => {
    const { opened, unopened } = lineup([grade(4, 0.05)], [words('silicone')], 1, [1])
    expect(openingGain(opened, unopened[0]!)).toBeLessThan(0.01)
    expect(openingGain(opened, unopened[0]!)).toBeGreaterThanOrEqual(0)
  })
})

describe('what may be done next', () => {
  test('is the best for its minutes first, and only what gains anything', () => {
    const { rows, opened, unopened } = lineup([grade(3), grade(3)], [words('nitrile'), missing], 1)
    const all = candidates(opened, rows, unopened)
    expect(all.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['reading', 'opening']))
    const rates = all.map(({ gain, minutes }) => gain / minutes)
    expect(rates).toEqual([...rates].sort((a, b) => b - a))
    expect(all.every(({ gain }) => gain >= 0.003 && gain <= 1)).toBe(true)
    expect(all.find(({ kind }) => kind === 'reading')).toMatchObject({ of: ['r1'], readings: ['adbv.material'] })
    expect(all.find(({ kind }) => kind === 'opening')).toMatchObject({ of: ['r2'], more: 1 })
  })

  test('is nothing where one is ahead for sure and all is opened', () => {
    const { rows, opened } = lineup([grade(4, 0.05), grade(0, 0.05)], [words('silicone'), words('nitrile')], 0)
    expect(candidates(opened, rows, [])).toEqual([])
  })

  test('more specimens of two that their units part are work for both', () => {
    const wall = (value: number): Cell =>
      ({ ...basis, state: 'number', evidence: 'measured', value, u: 5e-6, unitShare: 1, of: 1 }) as Cell
    const rows = [row('can.wall', [wall(0.00048), wall(0.000479)])]
    const judgedBy = effectiveCriteria(shippedMethod).filter(({ attribute }) => attribute === 'can.wall')
    const columns = ['a', 'b'].map((id) => ({ id, fatalFaults: [], misfits: [], attributes: {} }))
    const [first, ...others] = candidates(evaluateRevisions('spin-on', columns, rows, judgedBy), rows, [])
    expect(others).toEqual([])
    expect(first).toMatchObject({ kind: 'specimens', more: 1, readings: [] })
    expect(new Set(first!.of)).toEqual(new Set(['a', 'b']))
    expect(first!.minutes).toBeCloseTo(2 * recordingMinutes(rows), 9)
    // Of two alike the right one is named in 1/2 + arcsin(r) / pi, r the correlation of what is told and the truth:
    // the square root of a half once there are two of each (Sheppard's formula, from memory).
    expect(first!.gain).toBeGreaterThan(0.1)
    expect(first!.gain).toBeLessThan(0.27)
  })
})

test('minutes to record one more: what is recorded of the middle one, by the catalogue', () => {
  const [glue, valve] = ['glue.grade', 'adbv.material'].map((key) => minutesOf(characteristicOf(key)))
  const rows = lineup([grade(3), grade(2), missing], [words('silicone'), missing, missing], 0).rows
  expect(recordingMinutes(rows)).toBe(glue! + valve!)
  expect(recordingMinutes([])).toBe(45)
})
