import { createHash } from 'node:crypto'
import type { Block, SubjectKind } from '#core/review/block.ts'
import { canonicalText, type PublishedContent } from '#core/review/review-version.ts'
import { now } from './clock.ts'
import { database, writableDatabase } from './database.server.ts'
import { addOnce, changeSeen, type Added, type Changed } from './records.server.ts'

/** What a review is about. */
export interface ReviewSubject {
  subject: SubjectKind
  /** The two, by column; empty for an engine. */
  a: string
  b: string
}

export interface Review extends ReviewSubject {
  id: string
  applicationId: string
  title: string
  blocks: Block[]
  updatedAt: string
  version: number
}

/** A review as it was published, without what it says. */
export interface ReviewVersion {
  id: string
  number: number
  publishedAt: string
  hash: string
  method: number
  /** What was corrected with it; empty for the first. */
  correction: string
}

type ReviewRow = Omit<Review, 'blocks'> & { blocks: string }

const columns = ['id', 'applicationId', 'subject', 'a', 'b', 'title', 'blocks', 'updatedAt', 'version']
const versionColumns = ['id', 'number', 'publishedAt', 'hash', 'method', 'correction']

const toReview = ({ blocks, ...rest }: ReviewRow): Review => ({ ...rest, blocks: JSON.parse(blocks) as Block[] })

export async function findReview(applicationId: string, id: string): Promise<Review | undefined> {
  const db = await database()
  const row: ReviewRow | undefined = await db('review').where({ id, applicationId }).first(columns)
  return row && toReview(row)
}

/** Begins a review. */
export const addReview = ({ blocks, ...review }: Omit<Review, 'updatedAt' | 'version'>): Promise<Added> =>
  addOnce({ id: review.id, content: review }, (trx) =>
    trx('review').insert({ ...review, blocks: JSON.stringify(blocks), createdAt: now(), updatedAt: now() }),
  )

/** Keeps what was written, when nobody else has written meanwhile. */
export const changeReview = (
  { id, title, blocks }: Pick<Review, 'id' | 'title' | 'blocks'>,
  version: number,
): Promise<Changed> =>
  changeSeen('review', { id, version }, { title, blocks: JSON.stringify(blocks), updatedAt: now() })

/** Takes a review away that was never published; one that was stays, since others may have read it. */
export async function removeReview(applicationId: string, id: string): Promise<'removed' | 'published'> {
  const db = await writableDatabase()
  return db.transaction(async (trx) => {
    const published: unknown = await trx('reviewVersion').where({ reviewId: id }).first('id')
    if (published) return 'published'
    await trx('review').where({ id, applicationId }).delete()
    return 'removed'
  })
}

/** What was published of a review, the newest first. */
export async function listVersions(reviewId: string): Promise<ReviewVersion[]> {
  const db = await database()
  return db('reviewVersion').where({ reviewId }).orderBy('number', 'desc').select(versionColumns)
}

/** One version with what it says, and whether it still is what was published. */
export async function findVersion(
  reviewId: string,
  number: number,
): Promise<(ReviewVersion & { content: PublishedContent; isWhole: boolean }) | undefined> {
  const db = await database()
  const row: (ReviewVersion & { content: string }) | undefined = await db('reviewVersion')
    .where({ reviewId, number })
    .first([...versionColumns, 'content'])
  if (!row) return undefined
  return { ...row, content: JSON.parse(row.content) as PublishedContent, isWhole: hashOf(row.content) === row.hash }
}

const hashOf = (text: string): string => createHash('sha256').update(text).digest('hex')

/** A version to come; its number is one more than the publisher has seen. */
type NewVersion = Pick<ReviewVersion, 'id' | 'number' | 'correction'> & { reviewId: string }

/**
 * Publishes a review as it is, for good.
 *
 * @param shows ids of what was promised at the bench and is shown by it: settled with it
 */
export function publishVersion(
  { id, ...version }: NewVersion,
  content: PublishedContent,
  shows: readonly string[],
): Promise<Added> {
  const text = canonicalText(content)
  const { method } = content
  return addOnce({ id, content: version }, async (trx) => {
    const publishedAt = now()
    await trx('reviewVersion').insert({ id, ...version, content: text, hash: hashOf(text), method, publishedAt })
    await trx('owed')
      .whereIn('id', shows)
      .where({ settledAt: null })
      .update({ settledAt: publishedAt, settledBy: version.reviewId })
  })
}
