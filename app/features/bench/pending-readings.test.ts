import { describe, expect, test } from 'vitest'
import type { Reading } from '#core/teardown/reading.ts'
import { pendingReading, withPending } from './pending-readings.ts'

const at = '2026-05-01T10:00:00.000Z'
const wall = { intent: 'take', id: 'r1', characteristic: 'can.wall', typed: '20 thou', evidence: 'measured', at }
const saved = (more: Partial<Reading> = {}): Reading => ({ ...pendingReading(wall, 's1'), ...more })

describe('the reading that a request will become', () => {
  test('has its value in SI, its unit and what was typed', () => {
    expect(pendingReading(wall, 's1')).toMatchObject({
      specimenId: 's1',
      rawInput: '20 thou',
      unit: 'thou',
      valueNumber: 0.000508,
      instrumentId: null,
      zeroOffset: null,
      voided: null,
      recordedAt: at,
    })
  })

  test('loses what its instrument shows at zero, and names the instrument', () => {
    const reading = pendingReading({ ...wall, typed: '0.51', unit: 'mm', instrument: 'caliper', zero: '0.00002' }, 's1')
    expect(reading).toMatchObject({ valueNumber: 0.00049, zeroOffset: 0.00002, instrumentId: 'caliper' })
  })

  test('is read as the user said it is meant, and keeps what was typed', () => {
    const reading = pendingReading({ ...wall, typed: '0.49', unit: 'in', readAs: '0.49 mm' }, 's1')
    expect(reading).toMatchObject({ rawInput: '0.49', valueNumber: 0.00049, unit: 'mm' })
  })

  test('of openings has each group less the zero', () => {
    const reading = pendingReading(
      { ...wall, characteristic: 'plate.inlets', typed: '8 x 5.82', zero: '0.00002', instrument: 'caliper' },
      's1',
    )
    expect(reading.valueGroups).toEqual([{ count: 8, width: 0.0058 }])
  })

  test('that cannot be read has no value, and is still there to be seen', () => {
    expect(pendingReading({ ...wall, typed: 'thick' }, 's1')).toMatchObject({ rawInput: 'thick', valueNumber: null })
  })
})

describe('kept readings with those on their way', () => {
  test('a reading taken stands after those that are kept', () => {
    const kept = saved({ id: 'r0' })
    expect(withPending([kept], [wall], 's1').map(({ id }) => id)).toEqual(['r0', 'r1'])
  })

  test('one that is kept already is not there twice', () => {
    expect(withPending([saved()], [wall], 's1')).toHaveLength(1)
  })

  test('a strike takes hold at once, a restore takes it back', () => {
    const struck = withPending([saved()], [{ intent: 'strike', id: 'r1' }], 's1')
    expect(struck[0]?.voided).toEqual({ at, reason: null })
    const back = withPending(struck, [{ intent: 'restore', id: 'r1' }], 's1')
    expect(back[0]?.voided).toBeNull()
  })

  test('a strike of what is struck keeps its first reason', () => {
    const voided = { at, reason: 'misread' }
    expect(withPending([saved({ voided })], [{ intent: 'strike', id: 'r1' }], 's1')[0]?.voided).toEqual(voided)
  })

  test('taken and struck on the same journey: struck', () => {
    const [reading] = withPending([], [wall, { intent: 'strike', id: 'r1' }], 's1')
    expect(reading?.voided).not.toBeNull()
  })

  test('requests of something else change no reading', () => {
    const before = [saved()]
    expect(
      withPending(
        before,
        [
          { intent: 'note', id: 'n1', text: 'x' },
          { intent: 'strike', id: 'gone' },
        ],
        's1',
      ),
    ).toEqual(before)
  })
})
