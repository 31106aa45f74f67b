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
  const doubts = answers.map(({ doubt }) => doubt)
  expect(doubts).toEqual([...doubts].sort((a, b) => b - a))
})

test('none of one that is known or not there', () => {
  expect(answersOf('a')).toEqual([])
  expect(answersOf('c')).toBeUndefined()
})

test('what each alone would settle of the verdict is told beside it, of the product that it is of', () => {
  const settling = (criterion: string, gain: number, column = 'b') =>
    ({ column, criterion, gain, label: '', attribute: '', readings: [], minutes: 1, outcomes: [] }) as never
  const of = (...all: never[]) => {
    const answers = nextAnswers(evaluated, rows, all).get('b') ?? []
    expect(answers.map(({ doubt }) => doubt)).toEqual(answers.map(({ doubt }) => doubt).sort((a, b) => b - a))
    return Object.fromEntries(answers.map(({ criterion, gain }) => [criterion, gain]))
  }
  const [first, second] = Object.keys(of()) as [string, string]
  expect(of(settling(second, 0.2))).toEqual({ [first]: 0, [second]: 0.2 })
  expect(of(settling(second, 0.2), settling(first, 0.3))).toEqual({ [first]: 0.3, [second]: 0.2 })
  expect(of(settling(second, 0.2, 'a'))).toEqual({ [first]: 0, [second]: 0 })
})

test('a fault that would end the discussion does not drown what there is every day', () => {
  const open = [row('glue.grade', [missing, grade(3)], 'caps'), row('inside.rust', [missing, missing])]
  const judgedBy = effectiveCriteria(shippedMethod).filter(({ attribute }) => open.some(({ key }) => key === attribute))
  const known = [...open, row('adbv.fit', [grade(3), grade(3)])]
  const all = evaluateRevisions('spin-on', columns, known, judgedBy)
  expect(
    nextAnswers(all, known, [])
      .get('a')
      ?.map(({ attribute }) => attribute)[0],
  ).toBe('glue.grade')
})
