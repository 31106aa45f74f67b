import { expect, test } from 'vitest'
import type { Cell } from '#core/compare/cell.ts'
import { effectiveCriteria, shippedMethod } from '#core/score/effective-criteria.ts'
import { availableCall } from './available-call.ts'
import { drawChances, firstAnswerSettings } from './judgement.ts'
import { evaluateRevisions } from './ranking.ts'
import { basis, grade, row } from './rows.fixture.ts'

const words = (answer: string): Cell => ({ state: 'words', text: answer, answers: [answer], ...basis })
const rows = [
  row('glue.grade', [grade(4, 0.05), grade(2, 0.05), grade(0, 0.05)], 'caps'),
  row('adbv.material', [words('silicone'), words('silicone'), words('nitrile')], 'adbv'),
]
const criteria = effectiveCriteria(shippedMethod).filter(({ attribute }) => rows.some(({ key }) => key === attribute))
const columns = ['best', 'middle', 'worst'].map((id) => ({ id, fatalFaults: [], misfits: [], attributes: {} }))
const evaluated = evaluateRevisions('spin-on', columns, rows, criteria)
const of = (...had: string[]) =>
  availableCall(evaluated, drawChances(evaluated, firstAnswerSettings), (id) => had.includes(id))

test('nothing is said while the one that is first can be had', () => {
  expect(of('best')).toBeUndefined()
  expect(of('best', 'middle', 'worst')).toBeUndefined()
})

test('where it cannot, the best of the others is named', () => {
  expect(of('middle', 'worst')?.call).toMatchObject({ word: 'wins', named: [{ id: 'middle' }] })
})

test('where none can be had nobody is named', () => {
  expect(of()).toEqual({ call: undefined })
  expect(availableCall([], { first: [] }, () => false)).toBeUndefined()
})
