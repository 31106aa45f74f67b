import { expect, test } from 'vitest'
import type { VerdictSnapshot } from '#core/verdict/snapshot.ts'
import { changesSince } from './published-changes.ts'

const snapshot: VerdictSnapshot = {
  school: 'Build first',
  driver: '',
  method: 1,
  ranking: [
    { column: 'a', name: 'Norrith N-40', value: 80, low: 78, high: 82 },
    { column: 'b', name: 'Dovrel D-19', value: 70, low: 60, high: 75 },
  ],
  winners: ['Norrith N-40'],
  call: 'Norrith N-40 leads: first in 90 % of what may be.',
  word: 'leads',
  sentences: [],
}
const names: Record<string, string> = { a: 'Norrith N-40', b: 'Dovrel D-19', c: 'Selk S-1' }
const since = (ranked: [id: string, value: number | undefined][], method = 1) =>
  changesSince(
    snapshot,
    {
      ranked: ranked.map(([id, mean]) => ({ id, chances: { mean } })),
      call: { word: 'leads', named: [{ id: ranked[0]![0], chance: 0.9 }], chance: 0.9, behind: [] },
    } as never,
    method,
    (id) => names[id] ?? id,
  )

test.each([
  [
    'nothing has changed',
    since([
      ['a', 80],
      ['b', 70],
    ]),
    [],
  ],
  [
    'less than half a point is nothing',
    since([
      ['a', 80.4],
      ['b', 69.6],
    ]),
    [],
  ],
  [
    'the method',
    since(
      [
        ['a', 80],
        ['b', 70],
      ],
      3,
    ),
    ['The method is now version 3; it was 1.'],
  ],
  [
    'a score, and who stands first',
    since([
      ['b', 84],
      ['a', 80],
    ]),
    ['Now: Dovrel D-19 leads: first in 90 % of what may be.', 'Dovrel D-19 now scores 84 instead of 70.'],
  ],
  ['one that has gone', since([['a', 80]]), ['Dovrel D-19 is not judged any more.']],
  [
    'one that has come in',
    since([
      ['a', 80],
      ['c', 75],
      ['b', 70],
    ]),
    ['Selk S-1 has come in since.'],
  ],
])('%s', (_, said, expected) => {
  expect(said).toEqual(expected)
})

test('a newer revision that has been seen since is named first, and once', () => {
  const changes = changesSince(
    snapshot,
    {
      ranked: ['a', 'b', 'c'].map((id) => ({ id, chances: { mean: { a: 80, b: 70, c: 60 }[id] } })),
      call: undefined,
    } as never,
    1,
    (id) => names[id] ?? id,
    (id) => (id === 'a' ? 'c' : undefined),
  )
  expect(changes).toEqual(['It is about Norrith N-40; a newer revision has been seen since: Selk S-1.'])
})
