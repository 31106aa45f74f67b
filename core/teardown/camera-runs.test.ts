import { describe, expect, test } from 'vitest'
import { cameraPress, cameraRuns, timeOnFilm, type CameraPause } from './camera-runs.ts'

const at = (minute: number) => `2026-10-02T10:${String(minute).padStart(2, '0')}:00.000Z`
const pause = (stop: number, again: number | null): CameraPause => ({
  id: `p${stop}`,
  stoppedAt: at(stop),
  resumedAt: again === null ? null : at(again),
})

describe('runs of a camera', () => {
  test('it runs between its pauses', () => {
    expect(cameraRuns(null, [])).toEqual([])
    expect(cameraRuns(at(0), [pause(5, 10), pause(20, null)])).toEqual([
      { startsAt: at(0), endsAt: at(5) },
      { startsAt: at(10), endsAt: at(20) },
    ])
    expect(cameraRuns(at(0), [pause(5, 10)]).at(-1)).toEqual({ startsAt: at(10), endsAt: null })
  })

  test.each([
    [2, '2:00'],
    [5, 'stopped'],
    [9, 'stopped'],
    [10, '5:00'],
    [12, '7:00'],
    [25, 'stopped'],
  ])('what happened in minute %i is on the film at %s', (minute, said) => {
    expect(timeOnFilm(at(minute), cameraRuns(at(0), [pause(5, 10), pause(20, null)]))).toBe(said)
  })

  test('what was before it ran is said to be', () => {
    expect(timeOnFilm(at(0), cameraRuns(at(3), []))).toBe('before')
  })

  test('a press stops it, the next has it run again; none goes back in time', () => {
    const runs = cameraRuns(at(0), [])
    expect(cameraPress(runs, at(5))).toEqual({ ok: true, value: 'stops' })
    expect(cameraPress(cameraRuns(at(0), [pause(5, null)]), at(6))).toEqual({ ok: true, value: 'runs-again' })
    expect(cameraPress(cameraRuns(at(0), [pause(5, null)]), at(4)).ok).toBe(false)
    expect(cameraPress(runs, at(0)).ok).toBe(false)
    expect(cameraPress([], at(0)).ok).toBe(false)
  })
})
