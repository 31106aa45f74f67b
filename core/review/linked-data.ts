/** What is known of a product of a review when it is published, for machines that read. */
export interface ReviewedFacts {
  name: string
  brand: string
  partNumber: string
  /** Construction score of a hundred; none where it is not ranked. */
  score?: number
  /** What a filter was asked for: major units of one currency, of so many offers. */
  offers?: { currency: string; low: number; high: number; count: number }
}

/** A published review as it is told to machines. */
interface LinkedReview {
  title: string
  /** Where it will be; empty where that is not known. */
  url: string
  publishedAt: string
  updatedAt: string
  products: readonly ReviewedFacts[]
}

/**
 * A published review as an element of JSON-LD: the article, and each product with its review. A range of prices stands
 * only where at least two were asked in one currency.
 *
 * Source: schema.org, Article, Product, Review, Rating and AggregateOffer; from memory.
 *
 * @param review as it was published
 * @returns markup that no text of the review can end
 * @example
 * linkedData({ title: '</script>', url: '', publishedAt: '2026-11-27', updatedAt: '2026-11-27', products: [] })
 *   .split('</script>').length // => 2
 */
export function linkedData({ title, url, publishedAt, updatedAt, products }: LinkedReview): string {
  const article = {
    '@type': 'Article',
    headline: title,
    ...(url !== '' && { url }),
    datePublished: publishedAt,
    dateModified: updatedAt,
  }
  const graph = { '@context': 'https://schema.org', '@graph': [article, ...products.map(linkedProduct)] }
  const text = JSON.stringify(graph).replace(
    /[<>&\u2028\u2029]/g,
    (letter) => `\\u${letter.charCodeAt(0).toString(16).padStart(4, '0')}`,
  )
  return `<script type="application/ld+json">${text}</script>`
}

const linkedProduct = ({ name, brand, partNumber, score, offers }: ReviewedFacts) => ({
  '@type': 'Product',
  name,
  brand: { '@type': 'Brand', name: brand },
  mpn: partNumber,
  ...(score !== undefined && {
    review: {
      '@type': 'Review',
      reviewRating: {
        ...{ '@type': 'Rating', ratingValue: Math.round(score), bestRating: 100, worstRating: 0 },
        ratingExplanation: 'Construction score; nothing was filtered.',
      },
    },
  }),
  ...(offers &&
    offers.count > 1 && {
      offers: {
        ...{ '@type': 'AggregateOffer', priceCurrency: offers.currency, offerCount: offers.count },
        ...{ lowPrice: offers.low, highPrice: offers.high },
      },
    }),
})
