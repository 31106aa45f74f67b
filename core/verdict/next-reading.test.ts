import { describe, expect, test } from 'vitest'
import type { IrreversibleStepKey } from '#core/catalogue/index.ts'
import type { Cell } from '#core/compare/cell.ts'
import { effectiveCriteria, shippedMethod } from '#core/score/effective-criteria.ts'
import { formatOutcome } from './format-outcome.ts'
import { nextReadings } from './next-reading.ts'
import { evaluateRevisions } from './ranking.ts'
import { basis, grade, missing, row } from './rows.fixture.ts'

const words = (answer: string): Cell => ({ state: 'words', text: answer, answers: [answer], ...basis })

/** Two that are alike in glue; of the second the valve is not known, of both the print of the can is not. */
const rows = [
  row('glue.grade', [grade(3), grade(3)], 'caps'),
  row('adbv.material', [words('nitrile'), missing], 'adbv'),
  row('can.print', [missing, missing], 'can'),
]
const criteria = effectiveCriteria(shippedMethod).filter(({ attribute }) => rows.some(({ key }) => key === attribute))
const columns = ['a', 'b'].map((id) => ({ id, fatalFaults: [], misfits: [], attributes: {} }))
const evaluated = (of = rows) => evaluateRevisions('spin-on', columns, of, criteria)
const nameOf = (id: string) => id.toUpperCase()

describe('what to measure next', () => {
  const open = () => nextReadings(evaluated(), rows)

  test('is the open reading that settles most; what weighs little settles less', () => {
    const readings = open()
    expect(readings[0]).toMatchObject({ column: 'b', criterion: 'adbv-material', minutes: 0.5 })
    expect(readings[0]!.gain).toBeGreaterThan(0.05)
    expect(readings.every(({ gain }) => gain > 0 && gain < 1)).toBe(true)
    const print = readings.find(({ criterion }) => criterion === 'can-print' || criterion === 'print')
    expect(print?.gain ?? 0).toBeLessThan(readings[0]!.gain / 2)
  })

  test('says what each outcome would decide; the outcomes are all there is', () => {
    const [first] = open()
    expect(first!.outcomes.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9)
    const said = first!.outcomes.map((outcome) => formatOutcome(first!, outcome, nameOf, 'metric'))
    expect(said.at(-1)).toMatch(/^Silicone \(\d+ %\): B (wins|leads), (> )?\d+ %\.$/)
    expect(said.some((one) => one.startsWith('Other'))).toBe(true)
  })

  test('what is gone with a point of no return is not proposed; what can still be read is', () => {
    const after = (passedSteps: IrreversibleStepKey[]) =>
      nextReadings(
        evaluateRevisions(
          'spin-on',
          columns.map((one) => (one.id === 'b' ? { ...one, passedSteps } : one)),
          rows,
          criteria,
        ),
        rows,
      ).map(({ column, readings: [key] }) => `${column} ${key}`)
    expect(after(['cut'])).toContain('b adbv.material')
    expect(after(['cut', 'apart', 'unfold', 'wrap']).filter((one) => one.startsWith('b'))).toEqual([])
  })

  test('nothing is open, nothing is told; one alone has nobody to be told from', () => {
    const whole = [row('glue.grade', [grade(3), grade(2)], 'caps')]
    expect(
      nextReadings(
        evaluateRevisions(
          'spin-on',
          columns,
          whole,
          criteria.filter(({ key }) => key === 'glue'),
        ),
        whole,
      ),
    ).toEqual([])
    expect(nextReadings(evaluated().slice(0, 1), rows)).toEqual([])
  })
})

describe('an outcome in words', () => {
  const close = {
    word: 'close' as const,
    named: [
      { id: 'a', chance: 0.6 },
      { id: 'b', chance: 0.4 },
    ],
    chance: 1,
    behind: [],
  }
  const said = (criterion: string, attribute: string, least: number, most: number) =>
    formatOutcome(
      { column: 'a', criterion, label: '', attribute, gain: 0.1, readings: [], minutes: 1, outcomes: [] },
      { least, most, share: 0.25, call: close },
      nameOf,
      'metric',
    )

  test.each([
    ['can-wall', 'can.wall', -Infinity, 5.5, 'less than 0.45 mm'],
    ['can-wall', 'can.wall', 5.5, 8.5, '0.45 mm to 0.51 mm'],
    ['can-wall', 'can.wall', 8.5, Infinity, '0.51 mm or more'],
    ['crowding', 'pleat.crowding', 6, Infinity, '0.90 or less'],
    ['adbv-thickness', 'adbv.thickness', 5, Infinity, '5 points or more'],
    ['glue', 'glue.grade', -Infinity, 5, 'fewer than 5 points'],
    ['rust', 'inside.rust', -4, Infinity, 'No or A little'],
  ])('%s %s from %d to %d', (criterion, attribute, least, most, text) => {
    expect(said(criterion, attribute, least, most)).toBe(`${text} (25 %): too close to call, A likeliest at 60 %.`)
  })
})
