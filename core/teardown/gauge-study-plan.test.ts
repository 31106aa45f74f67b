import { describe, expect, test } from 'vitest'
import { groupBy } from '#core/group-by.ts'
import { gaugeStudyPlan, shuffled, studyTurns } from './gauge-study-plan.ts'

describe('the plan of a gauge study', () => {
  test('nobody named is the user alone', () =>
    expect(gaugeStudyPlan(' , ', 1, 10)).toEqual({ ok: true, value: { people: ['Me'], parts: 1, repeats: 10 } }))

  test.each<[string, string, number, number, string]>([
    ['two of one name', 'Mara, mara', 2, 3, 'same-name'],
    ['a name of a paragraph', 'M'.repeat(41), 1, 10, 'long-name'],
    ['a crowd', 'a,b,c,d,e,f,g', 1, 2, 'people'],
    ['a week of work', 'a,b,c', 10, 5, 'readings'],
    ['four readings', '', 1, 4, 'few'],
    ['two people once', 'a,b', 5, 1, 'few'],
  ])('refuses %s', (_, names, parts, repeats, code) =>
    expect(gaugeStudyPlan(names, parts, repeats)).toMatchObject({ ok: false, problem: { code } }),
  )

  test('asks each person for each part equally often, round by round', () => {
    const turns = studyTurns({ people: ['Mara', 'Tom'], parts: 3, repeats: 2 }, Math.random)
    const cells = groupBy(turns, ({ person, part }) => `${person} ${part}`)
    expect([...cells.values()].map((cell) => cell.length)).toEqual([2, 2, 2, 2, 2, 2])
    expect(turns.map(({ person }) => person).join(' ')).toBe('Mara Mara Mara Tom Tom Tom '.repeat(2).trim())
  })
})

test('every order of three comes of one order of chance, and what is shuffled stays', () => {
  const things = ['a', 'b', 'c']
  const orders = ['123', '132', '213', '231', '312', '321'].map((keys) => {
    const left = [...keys].map((key) => Number(key) / 10)
    return shuffled(things, () => left.shift() ?? 0).join('')
  })
  expect(new Set(orders).size).toBe(6)
  expect(orders[1]).toBe('acb')
  expect(things).toEqual(['a', 'b', 'c'])
})
