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
