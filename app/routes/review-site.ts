import { strToU8, zipSync } from 'fflate'
import { LRUCache } from 'lru-cache'
import { articleHtml } from '#core/review/article.ts'
import { siteFiles, slugOf, type SiteReview } from '#core/review/site.ts'
import { listNewestVersions } from '#app/data/review-states.server.ts'
import { findVersion, listVersions } from '#app/data/reviews.server.ts'
import { siteSchema } from '#app/features/forms/review-fields.ts'
import type { Route } from './+types/review-site'
import { parseFields, zipDownload } from './http.server.ts'
import { drawnWithin } from './review-drawings.server.ts'

/** Articles that were written for the site: a version does not change, so that none is written twice. */
const written = new LRUCache<string, string>({ max: 500, maxSize: 100_000_000, sizeCalculation: (html) => html.length })

/** All that is published, as a folder of files for any web server. */
export async function loader({ request }: Route.LoaderArgs) {
  const parsed = parseFields(siteSchema, Object.fromEntries(new URL(request.url).searchParams))
  if (!parsed.ok) throw parsed.refusal
  const { title, address } = parsed.value
  const reviews: SiteReview[] = []
  for (const { reviewId, engine, number } of await listNewestVersions()) {
    const review = await siteReview(reviewId, engine, number)
    if (review) reviews.push(review)
  }
  const files = siteFiles(title, address, reviews)
  const zip = zipSync(Object.fromEntries([...files].map(([path, text]) => [path, strToU8(text)])), { level: 6 })
  return zipDownload(zip, 'site.zip')
}

async function siteReview(reviewId: string, engine: string, number: number): Promise<SiteReview | undefined> {
  const [version, versions] = await Promise.all([findVersion(reviewId, number), listVersions(reviewId)])
  if (!version) return undefined
  const { content, publishedAt, hash, method } = version
  const { document, products, callText } = content
  const told = `Version ${number}, published ${publishedAt.slice(0, 10)}, judged by method ${method}. SHA-256 ${hash}`
  const html = written.get(hash) ?? articleHtml(document, told, await drawnWithin(document))
  written.set(hash, html)
  return {
    slug: slugOf(document.title, reviewId.slice(0, 6)),
    title: document.title,
    engine,
    products,
    publishedAt: versions.at(-1)?.publishedAt ?? publishedAt,
    updatedAt: publishedAt,
    summary: callText,
    html,
  }
}
