import { expect, test } from 'vitest'
import { freeLabels } from './specimen-labels.ts'

test('letters in their order, those that are taken left out in either case', () => {
  expect(freeLabels([], 3)).toEqual(['A', 'B', 'C'])
  expect(freeLabels(['a', 'C'], 2)).toEqual(['B', 'D'])
})

test('after the letters come numbers', () => {
  const letters = Array.from({ length: 26 }, (_, at) => String.fromCharCode(65 + at))
  expect(freeLabels([...letters, '27'], 2)).toEqual(['28', '29'])
})
