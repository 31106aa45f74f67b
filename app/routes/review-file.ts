import { articleHtml, articleMarkdown, chartAlt, type Drawn } from '#core/review/article.ts'
import { escapeMarkup } from '#core/review/escape-markup.ts'
import { outgoingReview, type OutgoingReview } from '#app/data/outgoing-review.server.ts'
import { barChartSvg } from '#app/data/review-pictures.server.ts'
import { findReview } from '#app/data/reviews.server.ts'
import { listSpecimensById } from '#app/data/specimens.server.ts'
import { reviewFiles, type ReviewFileName } from '#app/features/review/review-files.ts'
import type { Route } from './+types/review-file'
import { download, found } from './http.server.ts'
import { readPreferences } from './preferences.server.ts'
import { specimenDrawing } from './specimen-drawing.server.tsx'

/** A review as a file. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const file = found(
    reviewFiles.find(({ name }) => name === params.file),
    'This file',
  )
  const review = found(await findReview(params.application, params.review), 'This review')
  const outgoing = found(await outgoingReview(review, (await readPreferences(request)).units), 'This review')
  const [, ending] = file.name.split('.')
  return download(await writers[file.name](outgoing), `${review.title}.${ending ?? 'txt'}`, file.type)
}

const writers: Record<ReviewFileName, (outgoing: OutgoingReview) => string | Promise<string>> = {
  'article.html': async ({ document, told }) => articleHtml(document, told, await drawnWithin(document)),
  'article.md': ({ document, told }) => articleMarkdown(document, told),
}

/** Pictures of a review that are part of its file. */
async function drawnWithin(document: OutgoingReview['document']): Promise<Drawn> {
  const ids = document.sections.flatMap(({ pieces }) =>
    pieces.flatMap((piece) => (piece.kind === 'drawings' ? piece.items.map(({ specimen }) => specimen) : [])),
  )
  const specimens = await listSpecimensById([...new Set(ids)])
  const drawings = new Map(
    await Promise.all(specimens.map(async (one) => [one.id, await specimenDrawing(one, true)] as const)),
  )
  return {
    chart: (piece) => imageOf(barChartSvg(piece.bars), chartAlt(piece)),
    drawing: (id) => (drawings.has(id) ? imageOf(drawings.get(id) ?? '', 'Drawing to scale') : ''),
  }
}

const imageOf = (svg: string, alt: string): string =>
  `<img src="data:image/svg+xml;base64,${Buffer.from(svg).toString('base64')}" alt="${escapeMarkup(alt)}">`
