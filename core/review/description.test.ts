import fc from 'fast-check'
import { expect, test } from 'vitest'
import { describeFilm, titleIdeas } from './description.ts'
import { reviewedProduct, reviewMaterial } from './review-material.fixture.ts'

const chapters = '0:00 Opening\n1:30 Cut'

test('it holds what was opened, who is first, prices with days, who gave what, figures, chapters and cautions', () => {
  const products = [reviewedProduct({ id: 'n', partNumber: 'N-40', given: ['the maker'] }), reviewMaterial.products[1]!]
  const { text, dropped } = describeFilm({ ...reviewMaterial, products }, chapters, 5000)
  for (const said of [
    'Opened for the Skerry 1.1 D: Norrith N-40 (2) and Merribank M-2.',
    'Norrith N-40 leads: first in 84 % of what may be.',
    'Norrith N-40: a sample was given by the maker.',
    'Norrith N-40: 12.90 EUR, Harbour Chandlery, 2026-10-02',
    'Can wall: 0.51 mm | 0.38 mm',
    '1:30 Cut',
    'no filtration test',
  ])
    expect(text).toContain(said)
  expect(dropped).toEqual([])
})

test('within any length it drops what matters least first, and says what', () => {
  const { text: whole } = describeFilm(reviewMaterial, chapters, 5000)
  const { text, dropped } = describeFilm(reviewMaterial, chapters, whole.length - 10)
  expect(text.length).toBeLessThan(whole.length)
  expect(dropped).toEqual(['1 line of the figures'])
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 3000 }), (length) => {
      const short = describeFilm(reviewMaterial, chapters, length)
      expect(short.text.length).toBeLessThanOrEqual(length)
      expect(short.dropped.length === 0).toBe(short.text === whole)
    }),
  )
  const least = describeFilm(reviewMaterial, chapters, 480)
  expect(least.text).toContain('The reviewer has no interest')
  expect(least.dropped).toEqual(expect.arrayContaining(['the figures', 'the prices', 'the chapters']))
})

test('no title says more than is known', () => {
  expect(titleIdeas(reviewMaterial)).toContain('Why the Norrith N-40 leads for the Skerry 1.1 D')
  const close = { ...reviewMaterial, call: { ...reviewMaterial.call!, word: 'close' as const } }
  expect(titleIdeas(close).join()).not.toMatch(/wins|leads|best/)
  expect(titleIdeas({ ...reviewMaterial, products: [], call: undefined })).toEqual([
    '0 oil filters for the Skerry 1.1 D, cut open',
  ])
})
