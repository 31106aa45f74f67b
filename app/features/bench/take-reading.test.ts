import { describe, expect, test, vi } from 'vitest'
import { characteristicOf } from '#core/catalogue/index.ts'
import { resolve } from '#core/teardown/resolve.ts'
import type { Reading } from '#core/teardown/reading.ts'
import type { StoredInstrument } from '#app/data/instruments.server.ts'
import type { Specimen } from '#app/data/specimens.server.ts'
import { pendingReading } from './pending-readings.ts'
import { takeReading, type Take } from './take-reading.ts'

const specimen = { id: 's1', form: 'spin-on', recordingPlan: {}, trouble: '' } as Specimen
const caliper = { id: 'c1', name: 'bench caliper', kind: 'caliper', zeroOffset: 0.00002 } as StoredInstrument
const arrivedAt = '2026-05-01T09:55:00.000Z'

const known = (entries: Record<string, string>): Reading[] =>
  Object.entries(entries).map(([characteristic, typed], place) =>
    pendingReading(
      { intent: 'take', id: `k${place}`, characteristic, typed, evidence: 'measured', at: arrivedAt },
      's1',
    ),
  )

function bench(readings: Reading[] = []) {
  const [send, goTo, onTaken] = [vi.fn(), vi.fn(), vi.fn()]
  const take = (key: string, typed: string, more: Partial<Take> = {}) =>
    takeReading(
      { characteristic: characteristicOf(key), typed, evidence: 'measured', stay: false, ...more },
      { specimen, topEnd: 'dome', readings, values: resolve(readings), arrivedAt, send, goTo, onTaken },
    )
  return { take, send, goTo, onTaken }
}

describe('a reading that can be read', () => {
  test('what was said at the top is sent as it was typed, and read in the reviewer’s own sense', () => {
    const { take, send } = bench()
    expect(take('glue.grade', '1 at the top')).toBeUndefined()
    expect(send).toHaveBeenCalledWith(expect.objectContaining({ typed: '1 at the top', readAs: '1 at the dome end' }))
  })

  test('is sent as it was typed, with when the user came to its station', () => {
    const { take, send } = bench()
    expect(take('can.wall', '0.49', { unit: 'mm', source: 'side' })).toBeUndefined()
    expect(send).toHaveBeenCalledExactlyOnceWith({
      intent: 'take',
      id: expect.stringMatching(/^[\w-]{10,}$/) as string,
      characteristic: 'can.wall',
      typed: '0.49',
      unit: 'mm',
      source: 'side',
      evidence: 'measured',
      at: expect.stringMatching(/^\d{4}-.*Z$/) as string,
      since: arrivedAt,
    })
  })

  test('moves on to the next that is open, in the order of work', () => {
    const { take, goTo, onTaken, send } = bench()
    take('can.height', '86.5')
    expect(goTo).toHaveBeenCalledExactlyOnceWith('can.diameter')
    expect(onTaken).toHaveBeenCalledExactlyOnceWith((send.mock.calls[0]?.[0] as { id: string }).id)
  })

  test('skips what was recorded already', () => {
    const { take, goTo } = bench(known({ 'can.diameter': '76' }))
    take('can.height', '86.5')
    expect(goTo).not.toHaveBeenCalledWith('can.diameter')
  })

  test('stays for another of the same where the user asks for it', () => {
    const { take, goTo, send } = bench()
    take('can.height', '86.5', { stay: true })
    expect(send).toHaveBeenCalledOnce()
    expect(goTo).not.toHaveBeenCalled()
  })

  test('carries its instrument and what that shows at zero', () => {
    const { take, send } = bench()
    take('can.height', '86.52', { instrument: caliper })
    expect(send).toHaveBeenCalledWith(expect.objectContaining({ instrument: 'c1', zero: '0.00002' }))
    take('can.height', '86.52', { instrument: { ...caliper, zeroOffset: 0 } })
    expect(send.mock.calls[1]?.[0]).not.toHaveProperty('zero')
  })
})

describe('a reading that cannot stand', () => {
  test.each([
    ['can.wall', 'thick', 'not-a-number'],
    ['can.wall', '5 g', 'wrong-kind'],
    ['can.wall', '', 'empty'],
    ['pleats.count', '170', 'implausible'],
  ])('%s "%s" is not sent, and the user is told: %s', (key, typed, code) => {
    const { take, send, goTo } = bench()
    expect(take(key, typed)?.code).toBe(code)
    expect(send).not.toHaveBeenCalled()
    expect(goTo).not.toHaveBeenCalled()
  })

  test('an unusual value is taken on the word of the user', () => {
    const { take, send } = bench()
    expect(take('pleats.count', '170', { insist: true })).toBeUndefined()
    expect(send).toHaveBeenCalledWith(expect.objectContaining({ typed: '170', insist: 'yes' }))
  })

  test('a part that weighs more than the whole is asked about, and kept on the word of the user', () => {
    const { take, send } = bench(known({ 'whole.weight': '310 g' }))
    expect(take('plate.weight', '320 g')?.message).toContain('is not less than whole weight')
    expect(send).not.toHaveBeenCalled()
    expect(take('plate.weight', '320 g', { insist: true })).toBeUndefined()
    expect(send).toHaveBeenCalledOnce()
  })

  test('the zero of the instrument is taken off before two readings are compared', () => {
    const readings = known({ 'element.id': '30 mm' })
    expect(bench(readings).take('element.od', '30.01 mm', { instrument: caliper })?.code).toBe('implausible')
    expect(bench(readings).take('element.od', '30.03 mm', { instrument: caliper })).toBeUndefined()
  })
})

describe('two readings in one breath', () => {
  test('are sent one by one; the one that was asked for keeps all that was typed', () => {
    const { take, send } = bench()
    expect(take('media.length', '39½ by 4¼ in', { stay: true })).toBeUndefined()
    expect(send.mock.calls.map(([fields]) => [fields.characteristic, fields.typed, fields.readAs])).toEqual([
      ['media.width', '4 1/4 in', undefined],
      ['media.length', '39½ by 4¼ in', '39 1/2 in'],
    ])
  })

  test('what lay on the scale is an observation', () => {
    const { take, send } = bench()
    take('media.weight', '24 g with its mesh')
    expect(send.mock.calls.map(([fields]) => [fields.characteristic, fields.evidence])).toEqual([
      ['media.with', 'observed'],
      ['media.weight', 'measured'],
    ])
  })
})
