import { mkdirSync, readFileSync } from 'node:fs'
import { readdir, readFile, rm, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { setImmediate as nextTurn } from 'node:timers/promises'
import { z } from 'zod'
import { articleHtml } from '#core/review/article.ts'
import { linkedData } from '#core/review/linked-data.ts'
import { articlePath, siteFiles, slugOf, type SiteReview } from '#core/review/site.ts'
import { codeVersion } from '#app/data/code-version.ts'
import { listNewestVersions } from '#app/data/review-states.server.ts'
import { findVersion, listVersions } from '#app/data/reviews.server.ts'
import type { SiteBuild } from '#app/features/review/site-build.ts'
import { ensureFolder } from '#app/storage/data-folder.ts'
import * as texts from '#app/texts/review.ts'
import { drawnWithin } from './review-drawings.server.ts'

let build: SiteBuild = { state: 'none', done: 0, total: 0, written: 0 }
let latest: Promise<unknown> = Promise.resolve()
let isToStop = false

export const siteBuild = (): SiteBuild => build

/** Ends the build that runs before its next article: what is written stays, and is not written again. */
export function stopSite(): void {
  isToStop = build.state === 'building'
}

/** Where it will be, and what it is called. */
interface Site {
  title: string
  address: string
}

/**
 * Builds the site, one build after the other: what did not change stays as it is. Says whether it was built to its
 * end.
 */
export function buildSite(site: Site): Promise<boolean> {
  build = { state: 'building', done: 0, total: 0, written: 0 }
  const own = latest
    .catch(() => undefined)
    .then(() => writeSite(site))
    .catch((error: unknown) => {
      build = { ...build, state: 'failed' }
      throw error
    })
  latest = own
  return own
}

/** By the path of an article, what it was written from. */
const manifestSchema = z.record(z.string(), z.string())
const manifestName = 'written.json'

function readManifest(folder: string): Record<string, string> {
  try {
    return manifestSchema.parse(JSON.parse(readFileSync(join(folder, manifestName), 'utf8')))
  } catch {
    return {}
  }
}

async function writeSite({ title, address }: Site): Promise<boolean> {
  isToStop = false
  const folder = ensureFolder('site')
  mkdirSync(join(folder, 'reviews'), { recursive: true })
  const before = readManifest(folder)
  const after: Record<string, string> = {}
  const versions = await listNewestVersions()
  const reviews: SiteReview[] = []
  build = { state: 'building', done: 0, total: versions.length, written: 0 }
  for (const { reviewId, engine, number } of versions) {
    if (isToStop) return leaveOff(folder, { ...before, ...after })
    const published = await findVersion(reviewId, number)
    if (!published) continue
    const first = (await listVersions(reviewId)).at(-1)?.publishedAt ?? published.publishedAt
    const review = reviewOf(reviewId, engine, published, first)
    const path = articlePath(review)
    const source = `${published.hash} ${address} ${codeVersion}`
    after[path] = source
    if (before[path] !== source) {
      await writeFile(join(folder, path), await articleOf(published, review, address))
      build = { ...build, written: build.written + 1 }
    }
    reviews.push(review)
    build = { ...build, done: build.done + 1 }
    // Others are answered between one article and the next.
    await nextTurn()
  }
  const files = siteFiles(title, address, reviews)
  for (const [path, text] of files) await writeFile(join(folder, path), text)
  for (const path of await pathsIn(folder))
    if (!files.has(path) && after[path] === undefined) await rm(join(folder, path), { force: true })
  await writeFile(join(folder, manifestName), JSON.stringify(after))
  build = { ...build, state: 'built' }
  return true
}

/** Keeps what was written so far; the index and what it leads to stay as they were. */
async function leaveOff(folder: string, written: Record<string, string>): Promise<false> {
  await writeFile(join(folder, manifestName), JSON.stringify(written))
  build = { ...build, state: 'stopped' }
  return false
}

type Published = NonNullable<Awaited<ReturnType<typeof findVersion>>>

const reviewOf = (id: string, engine: string, { content, publishedAt }: Published, first: string): SiteReview => ({
  slug: slugOf(content.document.title, id.slice(0, 6)),
  title: content.document.title,
  engine,
  products: content.products,
  publishedAt: first,
  updatedAt: publishedAt,
  summary: content.callText,
})

async function articleOf(
  { content: { document, facts = [] }, number, publishedAt, method, hash }: Published,
  review: SiteReview,
  address: string,
): Promise<string> {
  const told = texts.versionPublishedJudgedByMethodSha(number, publishedAt.slice(0, 10), method, hash)
  const url = address === '' ? '' : `${address.replace(/\/+$/, '')}/${articlePath(review)}`
  return articleHtml(document, told, await drawnWithin(document), linkedData({ ...review, url, products: facts }))
}

/** Files of the site, by their paths within it. */
async function pathsIn(folder: string): Promise<string[]> {
  const [top, articles] = await Promise.all([
    readdir(folder, { withFileTypes: true }),
    readdir(join(folder, 'reviews')),
  ])
  return [
    ...top.flatMap((entry) => (entry.isFile() && entry.name !== manifestName ? [entry.name] : [])),
    ...articles.map((name) => `reviews/${name}`),
  ]
}

/** The site as it was built last, file by file. */
export async function builtFiles(): Promise<Record<string, Uint8Array>> {
  const folder = ensureFolder('site')
  const files: Record<string, Uint8Array> = {}
  for (const path of await pathsIn(folder)) files[path] = await readFile(join(folder, path))
  return files
}

const filePattern = /^(index\.html|feed\.json|atom\.xml|sitemap\.xml|robots\.txt|reviews\/[a-z0-9-]+\.html)$/

/** A file of the site as it was built last; undefined where there is none. */
export async function builtFile(path: string): Promise<Uint8Array | undefined> {
  if (!filePattern.test(path)) return undefined
  try {
    return await readFile(join(ensureFolder('site'), path))
  } catch {
    return undefined
  }
}
