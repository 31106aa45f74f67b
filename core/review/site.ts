import { articleStyle } from './article-style.ts'
import { escapeMarkup } from './escape-markup.ts'

/** A published review as the site has it. */
export interface SiteReview {
  /** Its place on the site, by letters that every server takes. */
  slug: string
  title: string
  engine: string
  products: string[]
  /** UTC, ISO 8601. */
  publishedAt: string
  updatedAt: string
  /** Who is first, in words. */
  summary: string
}

/** A file of a site, by its path. */
export type SiteFiles = Map<string, string>

/**
 * A place on a site for a title: letters and digits of ASCII, with an end that no other has.
 *
 * @param id of the review
 * @example slugOf('Oil filters: Å & B!', 'abc123') // => 'oil-filters-a-b-abc123'
 */
export function slugOf(title: string, id: string): string {
  const words = title
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60)
    .replace(/-+$/, '')
  return [words, id.toLowerCase().replace(/[^a-z0-9]/g, '')].filter(Boolean).join('-')
}

/**
 * The files of a site of published reviews beside its articles: an index by engine and product, and feeds; where its
 * address is known, a list of its pages for those who search.
 *
 * @param title of the site
 * @param address where it will be, with its scheme; empty where that is not known
 * @param reviews the latest first
 * @example [...siteFiles('T', '', []).keys()] // => ['index.html', 'feed.json', 'atom.xml', 'robots.txt']
 */
export function siteFiles(title: string, address: string, reviews: readonly SiteReview[]): SiteFiles {
  const base = address.replace(/\/+$/, '')
  const files: SiteFiles = new Map()
  files.set('index.html', indexPage(title, reviews))
  files.set('feed.json', jsonFeed(title, base, reviews))
  files.set('atom.xml', atomFeed(title, base, reviews))
  if (base !== '') files.set('sitemap.xml', sitemap(base, reviews))
  files.set('robots.txt', `User-agent: *\nAllow: /\n${base === '' ? '' : `Sitemap: ${base}/sitemap.xml\n`}`)
  return files
}

/**
 * Where the article of a review stands on a site.
 *
 * @example articlePath({ slug: 'skerry-abc' }) // => 'reviews/skerry-abc.html'
 */
export const articlePath = ({ slug }: Pick<SiteReview, 'slug'>): string => `reviews/${slug}.html`

/** A name of a review that stays, wherever the site is. */
const idOf = (base: string, review: SiteReview): string =>
  base === '' ? `urn:plicator:${review.slug}` : `${base}/${articlePath(review)}`

function indexPage(title: string, reviews: readonly SiteReview[]): string {
  const item = (review: SiteReview) =>
    `<li><a href="${articlePath(review)}">${escapeMarkup(review.title)}</a> ` +
    `<time datetime="${escapeMarkup(review.updatedAt)}">${escapeMarkup(review.updatedAt.slice(0, 10))}</time>` +
    `<br>${escapeMarkup(review.summary)}</li>`
  const grouped = (heading: string, names: readonly string[], holds: (review: SiteReview, name: string) => boolean) =>
    `<section><h2>${heading}</h2>${names
      .map((name) => {
        const own = reviews.filter((review) => holds(review, name))
        return `<h3>${escapeMarkup(name)}</h3><ul>${own.map(item).join('')}</ul>`
      })
      .join('')}</section>`
  const engines = [...new Set(reviews.map(({ engine }) => engine))].sort((a, b) => a.localeCompare(b, 'en'))
  const products = [...new Set(reviews.flatMap((one) => one.products))].sort((a, b) => a.localeCompare(b, 'en'))
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${escapeMarkup(title)}</title>
<link rel="alternate" type="application/atom+xml" href="atom.xml">
<link rel="alternate" type="application/feed+json" href="feed.json">
<style>${articleStyle}</style>
</head>
<body><main>
<h1>${escapeMarkup(title)}</h1>
${reviews.length === 0 ? '<p>Nothing is published yet.</p>' : ''}
${grouped('By engine', engines, (review, name) => review.engine === name)}
${grouped('By product', products, (review, name) => review.products.includes(name))}
</main></body>
</html>
`
}

/** Source: JSON Feed, version 1.1; from memory. */
function jsonFeed(title: string, base: string, reviews: readonly SiteReview[]): string {
  const feed = {
    version: 'https://jsonfeed.org/version/1.1',
    title,
    ...(base !== '' && { home_page_url: `${base}/`, feed_url: `${base}/feed.json` }),
    items: reviews.map((review) => ({
      id: idOf(base, review),
      ...(base !== '' && { url: `${base}/${articlePath(review)}` }),
      title: review.title,
      content_text: review.summary,
      date_published: review.publishedAt,
      date_modified: review.updatedAt,
      tags: [review.engine],
    })),
  }
  return `${JSON.stringify(feed, null, 2)}\n`
}

/** Source: RFC 4287, The Atom Syndication Format; from memory. */
function atomFeed(title: string, base: string, reviews: readonly SiteReview[]): string {
  const latest =
    reviews
      .map(({ updatedAt }) => updatedAt)
      .sort()
      .at(-1) ?? '1970-01-01T00:00:00.000Z'
  const entries = reviews.map((review) => {
    const id = escapeMarkup(idOf(base, review))
    const link = base === '' ? '' : `<link href="${id}"/>`
    return (
      `<entry><id>${id}</id>${link}<title>${escapeMarkup(review.title)}</title>` +
      `<published>${escapeMarkup(review.publishedAt)}</published><updated>${escapeMarkup(review.updatedAt)}</updated>` +
      `<summary>${escapeMarkup(review.summary)}</summary></entry>`
    )
  })
  const self = base === '' ? '' : `<link rel="self" href="${escapeMarkup(base)}/atom.xml"/>`
  return (
    `<?xml version="1.0" encoding="utf-8"?>\n<feed xmlns="http://www.w3.org/2005/Atom">` +
    `<id>${base === '' ? 'urn:plicator:reviews' : `${escapeMarkup(base)}/`}</id><title>${escapeMarkup(title)}</title>` +
    `<author><name>${escapeMarkup(title)}</name></author><updated>${escapeMarkup(latest)}</updated>${self}\n` +
    `${entries.join('\n')}\n</feed>\n`
  )
}

/** Source: sitemaps.org protocol 0.9; from memory. */
const sitemap = (base: string, reviews: readonly SiteReview[]): string =>
  `<?xml version="1.0" encoding="utf-8"?>\n<urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9">\n` +
  [
    `<url><loc>${escapeMarkup(base)}/</loc></url>`,
    ...reviews.map(
      (review) =>
        `<url><loc>${escapeMarkup(`${base}/${articlePath(review)}`)}</loc>` +
        `<lastmod>${escapeMarkup(review.updatedAt.slice(0, 10))}</lastmod></url>`,
    ),
  ].join('\n') +
  '\n</urlset>\n'
