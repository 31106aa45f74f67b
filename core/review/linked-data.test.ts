import fc from 'fast-check'
import { parse, type DefaultTreeAdapterTypes as Html } from 'parse5'
import { expect, test } from 'vitest'
import { hostileText } from './hostile.fixture.ts'
import { linkedData, type ReviewedFacts } from './linked-data.ts'

const about = (products: ReviewedFacts[], title = 'Skerry') =>
  linkedData({
    title,
    url: '',
    publishedAt: '2026-10-02T10:00:00.000Z',
    updatedAt: '2026-11-27T10:00:00.000Z',
    products,
  })

/** The scripts of a page with their texts, by parse5; and how many elements its body has. */
function readPage(html: string): { scripts: string[]; inBody: number } {
  const walk = (node: Html.Node): Html.Element[] => [
    ...('tagName' in node ? [node] : []),
    ...('childNodes' in node ? node.childNodes.flatMap(walk) : []),
  ]
  const all = walk(parse(html))
  const textOf = ({ childNodes }: Html.Element) => childNodes.map((one) => ('value' in one ? one.value : '')).join('')
  return {
    scripts: all.filter(({ tagName }) => tagName === 'script').map(textOf),
    inBody: all.length - all.findIndex(({ tagName }) => tagName === 'body') - 1,
  }
}

interface Graph {
  '@graph': { '@type': string; name?: string; headline?: string; offers?: object; review?: { reviewRating: object } }[]
}

test('whatever is typed, it is one script of JSON that says it to the letter', () => {
  fc.assert(
    fc.property(hostileText, (text) => {
      const markup = about([{ name: text, brand: text, partNumber: text }], text)
      const { scripts, inBody } = readPage(`<html><head>${markup}</head><body><p>after</p></body></html>`)
      expect(inBody).toBe(1)
      const [article, product] = (JSON.parse(scripts[0]!) as Graph)['@graph']
      expect([scripts.length, article!.headline, product!.name]).toEqual([1, text, text])
    }),
    { numRuns: 300 },
  )
})

test('a range of prices stands only where two shops asked in one currency, a score only where there is one', () => {
  const facts = { name: 'Norrith N-40', brand: 'Norrith', partNumber: 'N-40' }
  const offers = { currency: 'EUR', low: 9.4, high: 12.9, count: 2 }
  const productOf = (more: Partial<ReviewedFacts>) =>
    (JSON.parse(readPage(about([{ ...facts, ...more }])).scripts[0]!) as Graph)['@graph'][1]!
  expect(productOf({ offers }).offers).toEqual({
    ...{ '@type': 'AggregateOffer', priceCurrency: 'EUR', offerCount: 2, lowPrice: 9.4, highPrice: 12.9 },
  })
  expect(productOf({ offers: { ...offers, count: 1 } })).not.toHaveProperty('offers')
  expect(productOf({})).not.toHaveProperty('review')
  expect(productOf({ score: 71.6 }).review!.reviewRating).toMatchObject({ ratingValue: 72, bestRating: 100 })
})
