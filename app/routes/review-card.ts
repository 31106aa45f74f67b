import sharp from 'sharp'
import { cardKinds, cardSizes } from '#core/review/card.ts'
import { drawReviewCard, layOutReviewCard } from '#app/data/review-cards.server.ts'
import { writeReview } from '#app/data/review-publication.server.ts'
import { findReview } from '#app/data/reviews.server.ts'
import { listSpecimensById } from '#app/data/specimens.server.ts'
import * as texts from '#app/texts/review.ts'
import type { Route } from './+types/review-card'
import { found } from './http.server.ts'
import { readPreferences } from './preferences.server.ts'
import { specimenDrawing } from './specimen-drawing.server.tsx'

/** A card of a review as a picture: SVG, or PNG. */
export async function loader({ params, request }: Route.LoaderArgs) {
  const [, kindKey, sizeKey, ending] = /^(\w+)-(\w+)\.(svg|png)$/.exec(params.card) ?? []
  const kind = found(
    cardKinds.find(({ key }) => key === kindKey),
    texts.thisCard,
  )
  const size = found(
    cardSizes.find(({ key }) => key === sizeKey),
    texts.thisSize,
  )
  const review = found(await findReview(params.application, params.review), texts.thisReview)
  const { material } = found(await writeReview(review, (await readPreferences(request)).units), texts.thisReview)
  const card = await layOutReviewCard(kind.key, size, material, new URL(request.url).searchParams.get('row') ?? '')
  const ids = card.items.flatMap((item) => (item.kind === 'drawing' ? [item.specimen] : []))
  const specimens = await listSpecimensById(ids)
  const drawings = new Map(
    await Promise.all(specimens.map(async (one) => [one.id, await specimenDrawing(one, 'small', specimens)] as const)),
  )
  const svg = await drawReviewCard(card, drawings)
  const [body, type] =
    ending === 'png'
      ? [await sharp(Buffer.from(svg)).png().toBuffer(), 'image/png']
      : [Buffer.from(svg), 'image/svg+xml; charset=utf-8']
  return new Response(new Uint8Array(body), { headers: { 'Content-Type': type, 'Cache-Control': 'no-cache' } })
}
