import { expect, test } from 'vitest'
import { readings } from '#core/teardown/readings.fixture.ts'
import { resolve } from '#core/teardown/resolve.ts'
import { oilStates, oilWay } from './oil-way.ts'

const way = (typed: Parameters<typeof readings>[0], form: 'spin-on' | 'cartridge' = 'spin-on') =>
  oilWay(form, resolve(readings(typed)))

test('the bypass opens where it sits; one that has none says so (common practice, no published source)', () => {
  expect(way({ 'bypass.place': 'dome' }).says.bypass).toContain('dome')
  expect(way({ 'bypass.place': 'thread' }).says.bypass).toContain('thread end')
  expect(way({ 'bypass.place': 'none' }).says.bypass).toContain('no bypass')
  expect(way({}).says.bypass).toContain('not looked at')
})

test('what stands still: kept by a lip, drained without one, or where the lip leaves a hole open', () => {
  expect(way({ 'adbv.build': 'flap' }).drainBack).toBe('kept')
  expect(way({ 'adbv.build': 'none' }).drainBack).toBe('drains')
  expect(way({ 'adbv.build': 'flap', 'adbv.fit': '0' }).drainBack).toBe('drains')
  expect(way({}).drainBack).toBe('unknown')
})

test('a part that is not there has no job', () => {
  const parts = way({ 'bypass.place': 'none', 'adbv.build': 'none', 'spring.type': 'none' }).parts.map(
    ({ part }) => part,
  )
  expect(parts).not.toContain('bypass')
  expect(parts).not.toContain('adbv')
  expect(parts).not.toContain('spring')
  expect(way({}).parts.map(({ part }) => part)).toContain('bypass')
  expect(way({}, 'cartridge').parts.map(({ part }) => part)).toEqual(['oring', 'element', 'caps', 'media', 'core'])
})

test('beliefs are answered with what this one has', () => {
  const beliefs = way({ 'bypass.place': 'none', 'bypass.printed': '0.8 bar', 'pleats.count': '36' }).beliefs
  expect(beliefs[0]?.answer).toBe('This one has none.')
  expect(beliefs[1]?.answer).toContain('0.80 bar')
  expect(beliefs[2]?.answer).toContain('36 pleats')
  for (const { key } of oilStates) expect(way({}, 'cartridge').says[key].length).toBeGreaterThan(20)
})
