import { describe, expect, test } from 'vitest'
import { readings } from '#core/teardown/readings.fixture.ts'
import { resolve } from '#core/teardown/resolve.ts'
import { fitmentChecks, type FitmentAsked } from './fitment-checks.ts'

const asked: FitmentAsked = {
  thread: 'M20 x 1.5',
  bypass: 'filter',
  bypassOpening: 100_000,
  maxHeight: 0.09,
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

  test('what the engine says nothing of is not known, and nothing is guessed', () => {
    const silent = { thread: null, bypass: 'unknown', bypassOpening: null, maxHeight: null, gasketLand: null } as const
    for (const said of Object.values(check(silent, { 'can.height': ['80 mm'], 'bypass.place': ['dome'] })))
      expect(said).toMatch(/^unknown/)
  })
})
