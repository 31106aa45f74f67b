import { expect, test, vi } from 'vitest'
import { keptLast } from './kept-last.ts'

test('a work is done once for the same two, and again when either is another', () => {
  const work = vi.fn((list: number[], factor: number) => list.map((one) => one * factor))
  const [times, list] = [keptLast(work), [1, 2]]
  const first = times(list, 3)
  expect(times(list, 3)).toBe(first)
  expect(work).toHaveBeenCalledTimes(1)
  expect(times(list, 4)).toEqual([4, 8])
  expect(times([1, 2], 4)).toEqual([4, 8])
  expect(work).toHaveBeenCalledTimes(3)
})

test('what came of an earlier second is not kept beside the last', () => {
  const work = vi.fn((list: number[], factor: number) => list.length * factor)
  const [times, list] = [keptLast(work), [1, 2]]
  expect([times(list, 1), times(list, 2), times(list, 1)]).toEqual([2, 4, 2])
  expect(work).toHaveBeenCalledTimes(3)
})
