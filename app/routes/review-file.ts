import { articleHtml, articleMarkdown } from '#core/review/article.ts'
import { outgoingReview, type OutgoingReview } from '#app/data/outgoing-review.server.ts'
import { findReview } from '#app/data/reviews.server.ts'
import { reviewFiles, type ReviewFileName } from '#app/features/review/review-files.ts'
import * as texts from '#app/texts/review.ts'
import type { Route } from './+types/review-file'
import { download, found } from './http.server.ts'
import { readPreferences } from './preferences.server.ts'
import { drawnWithin } from './review-drawings.server.ts'

/** A review as a file. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const file = found(
    reviewFiles.find(({ name }) => name === params.file),
    texts.thisFile,
  )
  const review = found(await findReview(params.application, params.review), texts.thisReview)
  const outgoing = found(await outgoingReview(review, (await readPreferences(request)).units), texts.thisReview)
  const [, ending] = file.name.split('.')
  return download(await writers[file.name](outgoing), `${review.title}.${ending ?? 'txt'}`, file.type)
}

const writers: Record<ReviewFileName, (outgoing: OutgoingReview) => string | Promise<string>> = {
  'article.html': async ({ document, told }) => articleHtml(document, told, await drawnWithin(document)),
  'article.md': ({ document, told }) => articleMarkdown(document, told),
}
