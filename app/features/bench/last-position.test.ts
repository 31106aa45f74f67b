// @vitest-environment happy-dom
import { afterEach, expect, test, vi } from 'vitest'
import { lastPosition, rememberPosition } from './last-position.ts'
import { nextOf } from './next-of.ts'

afterEach(() => vi.restoreAllMocks())

test('each specimen has a place of its own', () => {
  rememberPosition('s1', 'can.wall')
  rememberPosition('s2', 'pleats.count')
  expect([lastPosition('s1'), lastPosition('s2'), lastPosition('s3')]).toEqual(['can.wall', 'pleats.count', null])
})

test('where the browser forbids its store, nothing is remembered and nothing breaks', () => {
  vi.spyOn(window, 'localStorage', 'get').mockImplementation(() => {
    throw new DOMException('denied', 'SecurityError')
  })
  expect(() => rememberPosition('s4', 'can.wall')).not.toThrow()
  expect(lastPosition('s4')).toBeNull()
})

test('the last of a ring is followed by the first, and so is what is not in it', () => {
  expect([
    nextOf(['mm', 'in', 'thou'], 'mm'),
    nextOf(['mm', 'in', 'thou'], 'thou'),
    nextOf(['mm', 'in'], 'cm'),
  ]).toEqual(['in', 'mm', 'mm'])
  expect(nextOf([], 'mm')).toBeUndefined()
})
