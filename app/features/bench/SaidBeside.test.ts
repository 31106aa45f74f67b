import { expect, test } from 'vitest'
import { withPendingComparisons } from './SaidBeside.tsx'

const kept = {
  id: 'a',
  of: 'can.wall',
  specimen: 's',
  other: 'o',
  relation: { scale: 'ratio' as const, low: 1, high: 1.1 },
  evidence: 'measured' as const,
  said: 'a hair thicker',
}

test('what waits is shown once, and what is taken back is not', () => {
  const compare = { intent: 'compare', id: 'b', characteristic: 'can.wall', other: 'o', line: 'the same' }
  expect(withPendingComparisons([kept], [compare, { ...compare, id: 'a' }]).map(({ line }) => line)).toEqual([
    'a hair thicker',
    'the same',
  ])
  expect(withPendingComparisons([kept], [{ intent: 'drop-comparison', id: 'a' }])).toEqual([])
})
