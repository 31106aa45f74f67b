import { describe, expect, test } from 'vitest'
import { readings } from '#core/teardown/readings.fixture.ts'
import { resolve } from '#core/teardown/resolve.ts'
import { fitmentRemarks, misfitReasons, type EngineFitment } from './fitment.ts'

const engine: EngineFitment = {
  thread: 'M20 x 1.5',
  bypass: 'filter',
  maxHeight: 0.09,
  maxDiameter: 0.08,
  gasketLand: 0.07,
}
const of = (typed: Parameters<typeof readings>[0], fit: Partial<EngineFitment> = {}) =>
  misfitReasons({ ...engine, ...fit }, resolve(readings(typed)))

describe('what an engine cannot take', () => {
  test('what fits has nothing against it, and what is not known is not held against a filter', () => {
    expect(
      of({
        'thread.designation': 'M20 x 1.5',
        'bypass.place': 'dome',
        'can.height': '86 mm',
        'gasket.diameter': '68 mm',
      }),
    ).toEqual([])
    expect(of({})).toEqual([])
  })

  test.each([
    ['thread', { 'thread.designation': '3/4-16 UNF' }, 'its thread is 3/4-16 UNF'],
    ['bypass', { 'bypass.place': 'none' }, 'it has no bypass valve'],
    ['height', { 'can.height': '95 mm' }, 'it is 95.0 mm high, and there is room for 90.0 mm'],
    ['diameter', { 'can.diameter': '82 mm' }, 'it is 82.0 mm across, and there is room for 80.0 mm'],
    ['gasket', { 'gasket.diameter': '72 mm' }, 'its gasket is 72.0 mm across, the land 70.0 mm'],
  ])('%s', (_, typed, words) => expect(of(typed)[0]).toContain(words))

  test('what the engine does not ask is no misfit', () => {
    expect(
      of(
        { 'bypass.place': 'none', 'can.height': '95 mm', 'thread.designation': 'M18 x 1.5' },
        { thread: null, bypass: 'engine', maxHeight: null },
      ),
    ).toEqual([])
  })
})

test('a bypass where the engine has its own is a remark, for or against nothing', () => {
  const remarks = (bypass: EngineFitment['bypass'], place: string) =>
    fitmentRemarks({ ...engine, bypass }, resolve(readings({ 'bypass.place': place })))
  expect(remarks('engine', 'dome')[0]).toContain('neither for nor against')
  expect(remarks('engine', 'none')).toEqual([])
  expect(remarks('filter', 'dome')).toEqual([])
})
