import { expect, test } from 'vitest'
import { keptWith } from './kept-with.ts'

test('what was worked out of a thing is worked out once for each name, and of another thing anew', () => {
  const kept = keptWith<object, number | undefined>()
  let works = 0
  const work = () => ++works
  const [a, b] = [{}, {}]
  expect([kept(a, 'x', work), kept(a, 'x', work), kept(a, 'y', work), kept(b, 'x', work)]).toEqual([1, 1, 2, 3])
})

test('that there is nothing is kept too', () => {
  const kept = keptWith<object, undefined>()
  let works = 0
  const thing = {}
  for (let time = 0; time < 2; time++) kept(thing, '', () => void works++)
  expect(works).toBe(1)
})
