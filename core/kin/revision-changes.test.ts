import { expect, test } from 'vitest'
import { recordOf } from './kin.fixture.ts'
import { revisionChanges } from './revision-changes.ts'

test('what differs is said from the one to the other, what lies within its doubt is not', () => {
  const before = recordOf('a', {
    'can.wall': 0.00051,
    'adbv.material': 'silicone',
    'can.height': 0.08,
    'pleats.count': 50,
  })
  const after = recordOf('b', {
    'can.wall': 0.00038,
    'adbv.material': 'nitrile',
    'can.height': 0.0804,
    'pleats.count': 51,
  })
  expect(revisionChanges(before, after, 'metric')).toEqual([
    'can wall 0.51 mm → 0.38 mm',
    'anti-drain-back valve material silicone → nitrile',
  ])
})

test('what is known of one alone is no change', () => {
  expect(
    revisionChanges(recordOf('a', { 'can.wall': 0.0005 }), recordOf('b', { 'can.height': 0.08 }), 'metric'),
  ).toEqual([])
})
