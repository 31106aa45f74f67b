import { changesSincePublished } from '#app/data/review-publication.server.ts'
import { findReview } from '#app/data/reviews.server.ts'
import * as texts from '#app/texts/review.ts'
import type { Route } from './+types/review-changes'
import { found } from './http.server.ts'
import { readPreferences } from './preferences.server.ts'

/** What has changed since a review was published. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const review = found(await findReview(params.application, params.review), texts.thisReview)
  return { changes: (await changesSincePublished(review, (await readPreferences(request)).units)) ?? [] }
}
