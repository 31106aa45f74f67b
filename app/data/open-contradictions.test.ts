import { expect, test } from 'vitest'
import { openContradictions } from './open-contradictions.ts'

test('each column with contradictions is named with how many; the others are not', () =>
  expect(
    openContradictions([
      { name: 'Norrith N-40', revision: '', findings: 0 },
      { name: 'Pellgate PG-33', revision: '', findings: 1 },
      { name: 'Fennick F-2210', revision: 'suffix B', findings: 2 },
    ]),
  ).toEqual([
    'Pellgate PG-33: 1 contradiction among its readings is open.',
    'Fennick F-2210 suffix B: 2 contradictions among its readings are open.',
  ]))
