import type { UnitHabit } from '#core/quantity/unit-habit.ts'
import { composeReview } from '#core/review/compose.ts'
import { publishingChecks } from '#core/review/publishing-checks.ts'
import type { ReviewedFacts } from '#core/review/linked-data.ts'
import type { MaterialPromise, ReviewedProduct } from '#core/review/review-material.ts'
import type { ReviewDocument } from '#core/review/review-document.ts'
import { documentChanges, type SectionChange } from '#core/review/review-version.ts'
import { ok, problem, type Result } from '#core/result.ts'
import * as texts from '#app/texts/verdict.ts'
import { today } from './clock.ts'
import { lineupQuery } from './lineup-query.server.ts'
import { listPromised } from './review-promises.server.ts'
import { reviewMaterial } from './review-material.server.ts'
import { findVersion, listVersions, publishVersion, type Review, type ReviewVersion } from './reviews.server.ts'

/** Dated words on what was wrong, the latest first. */
const correctionsOf = (versions: readonly ReviewVersion[]): ReviewDocument['corrections'] =>
  versions
    .filter(({ correction }) => correction !== '')
    .map(({ publishedAt, correction }) => ({ day: publishedAt.slice(0, 10), words: correction }))

/** A review as it would be written now; undefined when its engine is gone. */
export const writeReview = (review: Review, units: UnitHabit) => writeOnDay(review, units, today())

const writeOnDay = lineupQuery('written review', async (review: Review, units: UnitHabit, day: string) => {
  const [known, versions] = await Promise.all([
    reviewMaterial(review.applicationId, review, review.blocks, units, day),
    listVersions(review.id),
  ])
  if (!known) return undefined
  const material = { ...known, promised: await listPromised(review.id, known) }
  return { material, versions, document: composeReview(review, material, correctionsOf(versions)) }
})

/** What a review is edited with: its material as text, because it has thousands of small cells. */
export const editableReview = (review: Review, units: UnitHabit) => editOnDay(review, units, today())

const editOnDay = lineupQuery('editable review', async (review: Review, units: UnitHabit, day: string) => {
  const written = await writeOnDay(review, units, day)
  if (!written) return undefined
  const { material, versions, document } = written
  const productIds = material.products.map(({ productId }) => productId)
  return { material: JSON.stringify(material), productIds, versions, corrections: document.corrections }
})

/** What has changed since a review was published last, section by section; undefined where it never was. */
export async function changesSincePublished(review: Review, units: UnitHabit): Promise<SectionChange[] | undefined> {
  const written = await writeReview(review, units)
  const [newest] = written?.versions ?? []
  const version = newest && (await findVersion(review.id, newest.number))
  return written && version ? documentChanges(version.content.document, written.document) : undefined
}

const factsOf = ({ name, brand, partNumber, score, asked }: ReviewedProduct): ReviewedFacts => ({
  ...{ name, brand, partNumber },
  ...(score && { score: score.mean }),
  ...(asked && { offers: asked }),
})

/** What was promised is shown where something is known of it. */
const isShown = ({ text }: MaterialPromise): boolean => text !== ''

/** What is said when a review is published. */
interface Publication {
  id: string
  /** Of the version to come. */
  number: number
  correction: string
  /** Why it is published although checks stand against it. */
  reason: string
}

/** Publishes a review as it is; says why it cannot. */
export async function publishReview(
  review: Review,
  { id, number, correction, reason }: Publication,
  units: UnitHabit,
): Promise<Result<'published'>> {
  const written = await writeReview(review, units)
  if (!written) return problem('engine', texts.itsEngineIsNotHereAny)
  const { material, versions, document } = written
  const [newest] = versions
  if (versions.some((one) => one.id === id)) return ok('published')
  if (number !== (newest?.number ?? 0) + 1) return problem('number', texts.itWasPublishedMeanwhileInAnother)
  if (newest && correction === '') return problem('correction', texts.sayWhatIsCorrectedItStands)
  const checks = publishingChecks({ blocks: review.blocks, material }).map(({ text }) => text)
  if (checks.length > 0 && reason === '') return problem('checks', texts.mendWhatTheChecksSayOr)
  const corrections =
    correction === '' ? document.corrections : [{ day: today(), words: correction }, ...document.corrections]
  const content = {
    document: { ...document, corrections },
    method: material.method,
    products: material.products.map(({ name }) => name),
    callText: material.callText,
    facts: material.products.map(factsOf),
    overridden: { checks, reason: checks.length > 0 ? reason : '' },
  }
  const shown = review.blocks.some(({ kind }) => kind === 'promised') ? material.promised.filter(isShown) : []
  const published = await publishVersion(
    { id, reviewId: review.id, number, correction },
    content,
    shown.map((one) => one.id),
  )
  if (published === 'added') return ok('published')
  return problem('number', texts.itWasPublishedMeanwhileInAnother)
}
