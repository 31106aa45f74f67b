import { describe, expect, test } from 'vitest'
import { readings } from '#core/teardown/readings.fixture.ts'
import { resolve } from '#core/teardown/resolve.ts'
import { fitmentChecks, type FitmentAsked } from './fitment-checks.ts'

const asked: FitmentAsked = {
  thread: 'M20 x 1.5',
  bypass: 'filter',
  bypassOpening: 100_000,
  maxHeight: 0.09,
  maxDiameter: 0.08,
  mounting: '',
  gasketLand: 0.07,
}
const check = (engine: Partial<FitmentAsked>, typed: Parameters<typeof readings>[0]) =>
  Object.fromEntries(
    fitmentChecks({ ...asked, ...engine }, resolve(readings(typed))).map(({ what, state, reason }) => [
      what,
      `${state}: ${reason}`,
    ]),
  )

describe('what fits an engine', () => {
  test('is said one by one, with what is not known', () => {
    expect(
      check({}, { 'thread.designation': ['M20 x 1.5'], 'can.height': ['94 mm'], 'bypass.place': ['none'] }),
    ).toEqual({
      Thread: 'fits: M20 x 1.5',
      Diameter: 'unknown: it is not measured',
      'Gasket land': 'unknown: it is not measured',
      'Bypass valve': 'not: it has no bypass valve, and the engine needs one in the filter',
      'Bypass opens at': 'unknown: what it opens at is not printed or recorded',
      Height: 'not: it is 94.0 mm high, and there is room for 90.0 mm',
      'Anti-drain-back valve': 'unknown: not recorded',
    })
  })

  test('another thread never fits', () => {
    expect(check({}, { 'thread.designation': ['3/4-16'] }).Thread).toMatch(
      /^not: its thread is .*, the engine's M20 × 1.5|^not: its thread is .*, the engine's M20 x 1.5/,
    )
  })

  test('a bypass that is printed far from what is asked does not fit, near it does', () => {
    expect(check({}, { 'bypass.printed': ['1.2 bar'] })['Bypass opens at']).toBe('fits: 1.2 bar where 1.0 bar is asked')
    expect(check({}, { 'bypass.printed': ['2.5 bar'] })['Bypass opens at']).toMatch(/^not/)
  })

  test('a can that is too wide does not fit', () => {
    expect(check({}, { 'can.diameter': ['82 mm'] }).Diameter).toBe(
      'not: it is 82.0 mm across, and there is room for 80.0 mm',
    )
  })

  // A filter that does not hang drains while the engine stands: common practice, no published source.
  test.each([
    ['', 'unknown'],
    ['hangs', 'fits'],
    ['lies', 'not'],
    ['stands', 'not'],
  ] as const)('without a drain-back valve where the filter is mounted "%s": %s', (mounting, state) => {
    expect(check({ mounting }, { 'adbv.build': ['none'] })['Anti-drain-back valve']).toMatch(new RegExp(`^${state}: `))
    expect(check({ mounting }, { 'adbv.build': ['flap'] })['Anti-drain-back valve']).toBe('fits: it has one')
  })

  test('what the engine says nothing of is not known, and nothing is guessed', () => {
    const silent: FitmentAsked = {
      thread: null,
      bypass: 'unknown',
      bypassOpening: null,
      maxHeight: null,
      maxDiameter: null,
      gasketLand: null,
      mounting: '',
    }
    for (const said of Object.values(check(silent, { 'can.height': ['80 mm'], 'bypass.place': ['dome'] })))
      expect(said).toMatch(/^unknown/)
  })
})
