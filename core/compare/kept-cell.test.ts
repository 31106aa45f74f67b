import { expect, test, vi } from 'vitest'
import { assess } from '#core/figures/assess.ts'
import type { Cell } from './cell.ts'
import { follows, keptCell } from './kept-cell.ts'
import type { RevisionColumn } from './revision-column.ts'

const column = (): RevisionColumn => ({
  id: 'r',
  form: 'spin-on',
  specimens: [{ id: 's', assessment: assess('spin-on', []) }],
})
const spread = (relative: number) => ({ relative, degreesOfFreedom: 4, source: 'library' as const })

test('a cell is worked out once for a column and a spread', () => {
  const [own, workOut] = [column(), vi.fn((): Cell => ({ state: 'missing' }))]
  const first = keptCell(own, 'can.wall', spread(0.02), workOut)
  expect(keptCell(own, 'can.wall', spread(0.02), workOut)).toBe(first)
  expect(workOut).toHaveBeenCalledTimes(1)
})

test('another spread, another key and another column have cells of their own', () => {
  const [own, workOut] = [column(), vi.fn((): Cell => ({ state: 'missing' }))]
  keptCell(own, 'can.wall', spread(0.02), workOut)
  keptCell(own, 'can.wall', spread(0.03), workOut)
  keptCell(own, 'can.wall', undefined, workOut)
  keptCell(own, 'can.diameter', undefined, workOut)
  keptCell(column(), 'can.diameter', undefined, workOut)
  expect(workOut).toHaveBeenCalledTimes(5)
})

test('a cell of a column that has changed is worked out again, and stays the same object where it says the same', () => {
  const [before, after] = [column(), column()]
  const missing = () => ({ state: 'missing' }) as const
  const told = (message: string) => () => ({ state: 'impossible', message, specimen: 's' }) as const
  const [wall, height] = [
    keptCell(before, 'can.wall', undefined, missing),
    keptCell(before, 'can.height', undefined, told('as it was')),
  ]
  follows(after, before)
  expect(keptCell(after, 'can.wall', undefined, missing)).toBe(wall)
  expect(keptCell(after, 'can.height', undefined, told('as it is'))).toMatchObject({ message: 'as it is' })
  expect(keptCell(after, 'can.height', undefined, told('asked again'))).toMatchObject({ message: 'as it is' })
  expect(keptCell(before, 'can.height', undefined, told('asked again'))).toBe(height)
})
