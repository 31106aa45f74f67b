import { expect, test, vi } from 'vitest'
import { assess } from '#core/figures/assess.ts'
import type { Cell } from './cell.ts'
import { keptCell } from './kept-cell.ts'
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
