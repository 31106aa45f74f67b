import fc from 'fast-check'
import { expect, test } from 'vitest'
import { circleOf, type Replacement } from './replacement.ts'

const by = (pairs: string): Replacement[] =>
  pairs
    .split(' ')
    .filter(Boolean)
    .map((pair) => ({ productId: pair[0]!, replacesId: pair[1]! }))

test.each([
  ['', 'aa', 'aa'],
  ['', 'ab', undefined],
  ['ba', 'ab', 'aba'],
  ['bc cd', 'ab', undefined],
  ['bc cd', 'db', 'dbcd'],
  ['bc bd da', 'ab', 'abda'],
  ['bc cb', 'ab', undefined],
])('of %j one more, %s, closes %s', (known, added, circle) => {
  expect(circleOf(by(known), by(added)[0]!)?.join('')).toBe(circle)
})

test('without circles none comes in as long as each that would close one is refused', () => {
  const id = fc.constantFrom('a', 'b', 'c', 'd', 'e')
  fc.assert(
    fc.property(fc.array(fc.record({ productId: id, replacesId: id }), { maxLength: 20 }), (offered) => {
      const taken: Replacement[] = []
      for (const one of offered) if (!circleOf(taken, one)) taken.push(one)
      // Kahn's order: what replaces nothing is taken off again and again until nothing is left.
      let left = taken
      for (let round = 0; round < 5; round++)
        left = left.filter(({ replacesId }) => left.some(({ productId }) => productId === replacesId))
      expect(left).toEqual([])
    }),
  )
})
