import type { Knex } from 'knex'
import { database } from './database.server.ts'
import { whatIsShown } from './demo.server.ts'

/** How far a review is. */
export interface ReviewState {
  id: string
  applicationId: string
  engine: string
  title: string
  updatedAt: string
  /** Of the newest version that was published; null where none was. */
  number: number | null
  publishedAt: string | null
}

/** So many of other engines are listed. */
const listed = 50

/** How far the reviews of an engine are, and those of the others, the latest first. */
export async function listReviewStates(applicationId: string): Promise<{ own: ReviewState[]; others: ReviewState[] }> {
  const db = await database()
  const [own, others] = await Promise.all([
    states(db).where({ 'review.applicationId': applicationId }),
    states(db).whereNot({ 'review.applicationId': applicationId }).where(whatIsShown('application')).limit(listed),
  ])
  return { own, others }
}

const states = (db: Knex): Knex.QueryBuilder<object, ReviewState[]> =>
  db('review')
    .join('application', 'application.id', 'review.applicationId')
    .leftJoin('reviewVersion', (on) => {
      on.on('reviewVersion.reviewId', 'review.id').andOn(
        'reviewVersion.number',
        db.raw('(select max(number) from review_version as newest where newest.review_id = review.id)'),
      )
    })
    .orderBy('review.updatedAt', 'desc')
    .select({
      id: 'review.id',
      applicationId: 'review.applicationId',
      engine: 'application.name',
      title: 'review.title',
      updatedAt: 'review.updatedAt',
      number: 'reviewVersion.number',
      publishedAt: 'reviewVersion.publishedAt',
    })

/** The newest version of every review that was published and is shown, the latest first. */
export async function listNewestVersions(): Promise<{ reviewId: string; engine: string; number: number }[]> {
  const db = await database()
  return states(db)
    .where(whatIsShown('application'))
    .whereNotNull('reviewVersion.number')
    .clear('select')
    .clear('order')
    .orderBy('reviewVersion.publishedAt', 'desc')
    .select({ reviewId: 'review.id', engine: 'application.name', number: 'reviewVersion.number' })
}
