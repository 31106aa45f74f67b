import fc from 'fast-check'
import { expect, test } from 'vitest'
import { expiredBackups } from './rotation.ts'

const kinds = ['by-hand', 'daily', 'published', 'before-migration', 'before-restore'] as const

const day = (count: number, hour = 12): string => new Date(Date.UTC(2026, 10, 25 - count, hour)).toISOString()

const backup = (kind: (typeof kinds)[number], madeAt: string, name = `${kind} ${madeAt}`) => ({
  name,
  manifest: { kind, madeAt },
})

test('of sixty days the newest of seven days and of four weeks stay', () => {
  const all = Array.from({ length: 60 }, (_, count) => backup('daily', day(count)))
  const expired = new Set(expiredBackups(all))
  const kept = all.filter(({ name }) => !expired.has(name)).map(({ manifest }) => manifest.madeAt.slice(0, 10))
  // 2026-11-25 is a Wednesday: the newest of a week is its Sunday, but for the week that runs.
  expect(kept).toEqual([
    ...['2026-11-25', '2026-11-24', '2026-11-23', '2026-11-22', '2026-11-21', '2026-11-20', '2026-11-19'],
    ...['2026-11-15', '2026-11-08'],
  ])
})

test('of one day the newest stays, whether it was made for the day or at a publication', () => {
  const all = [backup('published', day(0, 18)), backup('daily', day(0, 9)), backup('daily', day(1))]
  expect(expiredBackups(all)).toEqual([all[1]!.name])
})

test('five stay of those before an update', () => {
  const all = Array.from({ length: 8 }, (_, count) => backup('before-migration', day(count)))
  expect(expiredBackups(all)).toEqual(all.slice(5).map(({ name }) => name))
})

test('what was made by hand and what cannot be read never goes, and the newest of a kind never goes', () =>
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.constantFrom(...kinds), fc.integer({ min: 0, max: 200 }), fc.integer({ min: 0, max: 23 }))),
      (made) => {
        const all = made
          .map(([kind, days, hour], index) => backup(kind, day(days, hour), String(index)))
          .sort((a, b) => b.manifest.madeAt.localeCompare(a.manifest.madeAt))
        const expired = new Set(expiredBackups([...all, { name: 'unreadable', manifest: undefined }]))
        expect(expired.has('unreadable')).toBe(false)
        for (const { name, manifest } of all) if (manifest.kind === 'by-hand') expect(expired.has(name)).toBe(false)
        for (const kind of ['before-migration', 'before-restore'] as const) {
          const newest = all.find(({ manifest }) => manifest.kind === kind)
          if (newest) expect(expired.has(newest.name)).toBe(false)
        }
        const regular = all.find(({ manifest }) => manifest.kind === 'daily' || manifest.kind === 'published')
        if (regular) expect(expired.has(regular.name)).toBe(false)
      },
    ),
  ))
