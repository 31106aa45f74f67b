import { expect, test } from 'vitest'
import { dateFormat } from './date-format.ts'

const moment = new Date('2026-03-04T22:30:00Z')

test('formats that differ in anything are kept apart, and one that is asked for again is the same', () => {
  const day = dateFormat('en-GB', { dateStyle: 'medium', timeZone: 'UTC' })
  expect(day.format(moment)).toBe('4 Mar 2026')
  expect(dateFormat('en-GB', { dateStyle: 'medium', timeZone: 'Asia/Tokyo' }).format(moment)).toBe('5 Mar 2026')
  expect(dateFormat('en-US', { dateStyle: 'medium', timeZone: 'UTC' }).format(moment)).toBe('Mar 4, 2026')
  expect(dateFormat('en-GB', { timeStyle: 'medium', timeZone: 'UTC', hourCycle: 'h23' }).format(moment)).toBe(
    '22:30:00',
  )
  expect(dateFormat('en-GB', { dateStyle: 'medium', timeZone: 'UTC' })).toBe(day)
})
