import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import type { ReviewDocument } from '#core/review/review-document.ts'
import type { ReviewMaterial } from '#core/review/review-material.ts'
import * as texts from '#app/texts/review.ts'
import { today } from './clock.ts'
import { writeReview } from './review-publication.server.ts'
import { findVersion, type Review } from './reviews.server.ts'

/** A review as it leaves: the newest that was published, or what is written while none was. */
export interface OutgoingReview {
  document: ReviewDocument
  /** When and by which method, in words. */
  told: string
  /** What is known now. */
  material: ReviewMaterial
}

/** What of a review leaves; undefined when its engine is gone. */
export async function outgoingReview(review: Review, units: UnitHabit): Promise<OutgoingReview | undefined> {
  const written = await writeReview(review, units)
  if (!written) return undefined
  const { material, versions, document } = written
  const [newest] = versions
  const version = newest && (await findVersion(review.id, newest.number))
  if (!version) return { document, material, told: texts.aDraftOfJudgedByMethod(today(), material.method) }
  return {
    document: version.content.document,
    material,
    told: texts.versionPublishedJudgedByMethodShaOfNumber(
      version.number,
      version.publishedAt.slice(0, 10),
      version.method,
      version.hash,
    ),
  }
}
