import { drawBarChart } from '#app/data/review-pictures.server.ts'
import { writeReview } from '#app/data/review-publication.server.ts'
import { findReview } from '#app/data/reviews.server.ts'
import * as texts from '#app/texts/review.ts'
import type { Route } from './+types/review-chart'
import { found } from './http.server.ts'
import { readPreferences } from './preferences.server.ts'

/** Scores of a review as a picture. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const review = found(await findReview(params.application, params.review), texts.thisReview)
  const { material } = found(await writeReview(review, (await readPreferences(request)).units), texts.thisReview)
  const bars = material.products.flatMap(({ name, score }) =>
    score ? [{ label: name, value: score.mean, low: score.low, high: score.high }] : [],
  )
  return new Response(await drawBarChart(bars), {
    headers: { 'Content-Type': 'image/svg+xml; charset=utf-8', 'Cache-Control': 'no-cache' },
  })
}
