import { expect, test } from 'vitest'
import { effectiveCriteria, shippedMethod } from '#core/score/effective-criteria.ts'
import { nextAnswers } from './next-answers.ts'
import { nextReadings } from './next-reading.ts'
import { evaluateRevisions } from './ranking.ts'
import { grade, missing, row } from './rows.fixture.ts'

const rows = [
  row('glue.grade', [grade(4), grade(0)]),
  row('adbv.fit', [grade(4), grade(0)]),
  row('gasket.hold', [grade(4), missing]),
  row('core.stiffness', [grade(4), missing]),
]
const criteria = effectiveCriteria(shippedMethod).filter(({ attribute }) => rows.some(({ key }) => key === attribute))
const columns = ['a', 'b'].map((id) => ({ id, fatalFaults: [], misfits: [], attributes: {} }))
const evaluated = evaluateRevisions('spin-on', columns, rows, criteria)
const answersOf = (column: string) => nextAnswers(evaluated, rows, nextReadings(evaluated, rows)).get(column)

test('of one that cannot win any more, what makes its own score surer is still worth its minutes', () => {
  const answers = answersOf('b') ?? []
  expect(answers.map(({ attribute }) => attribute).sort()).toEqual(['core.stiffness', 'gasket.hold'])
  expect(answers.every(({ gain }) => gain === 0)).toBe(true)
  const rate = answers.map(({ doubt, minutes }) => doubt / minutes)
  expect(rate).toEqual([...rate].sort((a, b) => b - a))
})

test('none of one that is known or not there', () => {
  expect(answersOf('a')).toEqual([])
  expect(answersOf('c')).toBeUndefined()
})

test('those that settle the verdict go before those that only make the own score surer, a minute', () => {
  const settling = (criterion: string, gain: number, column = 'b') =>
    ({ column, criterion, gain, label: '', attribute: '', readings: [], minutes: 1, outcomes: [] }) as never
  const of = (...all: never[]) =>
    (nextAnswers(evaluated, rows, all).get('b') ?? []).map(({ criterion, gain }) => [criterion, gain])
  const [first, second] = of().map(([criterion]) => String(criterion))
  expect(of(settling(second!, 0.2))).toEqual([
    [second, 0.2],
    [first, 0],
  ])
  expect(of(settling(second!, 0.2), settling(first!, 0.3))).toEqual([
    [first, 0.3],
    [second, 0.2],
  ])
  expect(of(settling(second!, 0.2, 'a'))).toEqual([
    [first, 0],
    [second, 0],
  ])
})
