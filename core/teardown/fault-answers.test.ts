import { expect, test } from 'vitest'
import { readings } from './readings.fixture.ts'
import { resolve } from './resolve.ts'

// Common practice, no published source: what was found in one place is not undone by what was not found in another.
test('of a fault the worst holds until it is struck, whatever is seen of another part later', () => {
  const rust = (...answers: string[]) => resolve(readings({ 'inside.rust': answers })).get('inside.rust')
  expect(rust('serious', 'none')).toMatchObject({ text: 'serious', disagree: true })
  expect(rust('none', 'slight', 'none')?.text).toBe('slight')
  expect(rust('transit', 'none')?.text).toBe('none')
  const [found, milder] = readings({ 'inside.rust': ['serious', 'slight'] })
  const struck = { ...found!, voided: { at: '2026-11-01T10:00:00Z', reason: 'a shadow' } }
  expect(resolve([struck, milder!]).get('inside.rust')?.text).toBe('slight')
})
