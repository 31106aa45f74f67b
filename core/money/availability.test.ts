import { expect, test } from 'vitest'
import {
  availabilities,
  canBeHad,
  formatAvailability,
  latestAvailability,
  type SeenAvailability,
} from './availability.ts'

const seen = (status: SeenAvailability['status'], seenOn: string, revisionId: string | null = null) => ({
  status,
  place: '',
  seenOn,
  revisionId,
})

test('import only, hard to find and out of production cannot be had; the rest can, and what nobody looked up', () => {
  const gone = availabilities.filter(({ key }) => !canBeHad(key)).map(({ key }) => key)
  expect(gone).toEqual(['import', 'hard', 'out'])
  expect(canBeHad(undefined)).toBe(true)
})

test('the latest counts, of the revision or of all; another revision says nothing', () => {
  const all = [seen('counter', '2026-01-01'), seen('out', '2026-05-01', 'b'), seen('last', '2026-04-01', 'a')]
  expect(latestAvailability(all, 'a')?.status).toBe('last')
  expect(latestAvailability(all, 'b')?.status).toBe('out')
  expect(latestAvailability(all, 'c')?.status).toBe('counter')
  expect(latestAvailability([], 'a')).toBeUndefined()
  expect(latestAvailability([seen('order', '2026-05-01'), seen('last', '2026-05-01', 'a')], 'a')?.status).toBe('order')
})

test('is said with place and day', () => {
  expect(formatAvailability({ ...seen('order', '2026-01-01'), place: 'Quay Parts' })).toBe(
    'to order, Quay Parts, 2026-01-01',
  )
})
