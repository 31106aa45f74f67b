import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { followTheBench, leastUp, nextShown, type AirBench, type AirControl, type Shown } from './on-air.ts'

const bench = (...ids: string[]): AirBench => ({
  specimenId: 's',
  product: 'Norrith N-40',
  readings: ids.map((id) => ({ id, key: 'can.wall', label: 'Can wall', text: '0.51 mm', reservation: '' })),
})
const at = (...arrivals: [string, number][]) => new Map(arrivals)
const control = (of: Partial<AirControl>): AirControl => ({ ...followTheBench, ...of })

describe('what is over the picture', () => {
  test('a reading that comes is up at once, where the one before was up long enough', () => {
    const shown = { id: 'a', since: 0 }
    expect(nextShown(bench('a', 'b'), at(['a', 0], ['b', 5000]), followTheBench, shown, 5000)).toEqual({
      id: 'b',
      since: 5000,
    })
  })

  test('several that came at once are up one after the other, none is left out', () => {
    const arrivals = at(['a', 0], ['b', 100], ['c', 100], ['d', 100])
    const seen: string[] = []
    let shown: Shown | undefined = { id: 'a', since: 0 }
    for (let now = 0; now < 20_000; now += 50) {
      shown = nextShown(bench('a', 'b', 'c', 'd'), arrivals, followTheBench, shown, now)
      if (shown && seen.at(-1) !== shown.id) seen.push(shown.id)
    }
    expect(seen).toEqual(['a', 'b', 'c', 'd'])
  })

  test('one that was struck goes at once', () => {
    expect(nextShown(bench('a'), at(['a', 0]), followTheBench, { id: 'b', since: 900 }, 1000)?.id).toBe('a')
    expect(nextShown(bench(), at(), followTheBench, { id: 'b', since: 900 }, 1000)).toBeUndefined()
    expect(nextShown(bench('a'), at(['a', 0]), control({ held: 'b' }), { id: 'b', since: 0 }, 1000)).toBeUndefined()
  })

  test('what is held stays whatever comes; hidden, nothing is up', () => {
    const arrivals = at(['a', 0], ['b', 0])
    expect(nextShown(bench('a', 'b'), arrivals, control({ held: 'a' }), { id: 'a', since: 0 }, 9000)?.id).toBe('a')
    expect(
      nextShown(bench('a', 'b'), arrivals, control({ isHidden: true }), { id: 'a', since: 0 }, 9000),
    ).toBeUndefined()
  })

  test('with a delay nothing comes before it is over', () => {
    const late = control({ delay: 8000 })
    expect(nextShown(bench('a'), at(['a', 1000]), late, undefined, 8999)).toBeUndefined()
    expect(nextShown(bench('a'), at(['a', 1000]), late, undefined, 9000)?.id).toBe('a')
  })

  test('whatever happens, only readings that stand are up, and each long enough unless it was struck', () => {
    const step = fc.record({ wait: fc.nat(4000), comes: fc.nat(3), struck: fc.boolean() })
    fc.assert(
      fc.property(fc.array(step, { maxLength: 30 }), (steps) => {
        let [now, count] = [0, 0]
        let standing: string[] = []
        const arrivals = new Map<string, number>()
        let shown: Shown | undefined
        for (const { wait, comes, struck } of steps) {
          now += wait
          for (let n = 0; n < comes; n++) {
            standing.push(`r${count}`)
            arrivals.set(`r${count++}`, now)
          }
          if (struck) standing = standing.slice(0, -1)
          const next = nextShown(bench(...standing), arrivals, followTheBench, shown, now)
          if (next) expect(standing).toContain(next.id)
          if (next && shown && next.id !== shown.id && standing.includes(shown.id))
            expect(now - shown.since).toBeGreaterThanOrEqual(leastUp)
          shown = next
        }
      }),
    )
  })
})
