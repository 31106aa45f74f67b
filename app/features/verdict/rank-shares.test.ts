import { expect, test } from 'vitest'
import { rankShares, shareBeyond } from './rank-shares.ts'

const line = (label: string, weight: number) => ({ criterion: { label, weight } })
const ranked = ['a', 'b'].map((id) => ({ id, score: { lines: [line('Can wall', 6), line('Glue', 4)] } }))
const result = {
  ranks: [
    [0.75, 0.25],
    [0.25, 0.75],
  ],
  central: [
    [0.8, 0.2],
    [0.3, 0.7],
  ],
}
const shares = (mode: 'around' | 'free', ranks = result.ranks) =>
  rankShares({ ...result, ranks } as never, ranked as never, (id) => id.toUpperCase(), mode as never)

test('each product has its share of draws at each rank', () => {
  expect(shares('free').map(({ name, shares: own }) => [name, own])).toEqual([
    ['A', [0.75, 0.25]],
    ['B', [0.25, 0.75]],
  ])
})

test('what it wins with is what weighs more than usual there: any weights against equal ones', () => {
  expect(shares('free').map(({ winsWith }) => winsWith)).toEqual([
    ['can wall', 'glue'],
    ['glue', 'can wall'],
  ])
})

test('around a school the usual weight is that of the school', () => {
  // By hand: 0.8 over 0.6 and 0.2 over 0.4 for the first; 0.3 over 0.6 and 0.7 over 0.4 for the second.
  expect(shares('around').map(({ winsWith }) => winsWith[0])).toEqual(['can wall', 'glue'])
})

test('one that is never first wins with nothing', () => {
  expect(
    shares('free', [
      [1, 0],
      [0, 1],
    ])[1]!.winsWith,
  ).toEqual([])
})

test('ranks beyond the fifth stand together', () => {
  expect(shareBeyond([0.1, 0.1, 0.1, 0.1, 0.1, 0.3, 0.2])).toBeCloseTo(0.5, 12)
  expect(shareBeyond([0.5, 0.5])).toBe(0)
})
