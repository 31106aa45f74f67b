import fc from 'fast-check'
import { expect, test } from 'vitest'
import { productIn } from './named-product.ts'

const products = [
  { id: 'short', brand: 'Brae', partNumber: 'N-40' },
  { id: 'long', brand: 'Brae Plus', partNumber: 'N-40' },
  { id: 'signs', brand: '***', partNumber: '—' },
]

test.each([
  ['Brae N-40', 'short'],
  ['Brae Plus N-40', 'long'],
  ['brae plus n40 in a new box', 'long'],
  ['an N 40 of Brae', 'short'],
  ['*** —', 'signs'],
  ['N-40', undefined],
])('%s is %s', (words, id) => {
  expect(productIn(words, products)?.id).toBe(id)
})

test('a whole name is always found, whatever signs it is made of', () => {
  const name = fc.string({ minLength: 1, maxLength: 12, unit: 'grapheme' }).map((text) => text.trim())
  const all = fc.uniqueArray(fc.record({ brand: name, partNumber: name }), {
    minLength: 1,
    maxLength: 6,
    selector: ({ brand, partNumber }) => `${brand} ${partNumber}`.trim(),
  })
  fc.assert(
    fc.property(all, (named) => {
      const own = named.map((one, at) => ({ ...one, id: String(at) }))
      for (const { id, brand, partNumber } of own) {
        fc.pre(brand !== '' && partNumber !== '')
        expect(productIn(`${brand} ${partNumber}`, own)?.id).toBe(id)
      }
    }),
  )
})
