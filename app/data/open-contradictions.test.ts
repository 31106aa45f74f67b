import { expect, test } from 'vitest'
import { openContradictions } from './open-contradictions.ts'

test('each column with contradictions is named with how many, and what it claims twice; the others are not', () =>
  expect(
    openContradictions([
      { name: 'Norrith N-40', revision: '', findings: 0, disputes: [] },
      { name: 'Pellgate PG-33', revision: '', findings: 1, disputes: [] },
      {
        name: 'Fennick F-2210',
        revision: 'suffix B',
        findings: 2,
        disputes: ['Interval: "10" (box, front) against "15" (maker\'s site).'],
      },
    ]),
  ).toEqual([
    'Pellgate PG-33: 1 contradiction among its readings is open.',
    'Fennick F-2210 suffix B: 2 contradictions among its readings are open.',
    'Fennick F-2210 suffix B claims two things: Interval: "10" (box, front) against "15" (maker\'s site).',
  ]))
