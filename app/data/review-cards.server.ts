import { layOutCard, type Card, type CardKind, type CardSize } from '#core/review/card.ts'
import type { ReviewMaterial } from '#core/review/review-material.ts'
import { measureText } from './card-faces.server.ts'
import { cardSvg } from './card-svg.server.ts'
import { inThread } from './threads.server.ts'

/** What stands where on a card; reading the faces of the house takes longer than others should wait. */
export const layOutReviewCard = inThread(
  'lineups',
  'lay out card',
  async (kind: CardKind, size: CardSize, material: ReviewMaterial, row: string): Promise<Card> =>
    layOutCard(kind, size, material, measureText, row),
)

/** A card as SVG, with its drawings by specimen. */
export const drawReviewCard = inThread(
  'lineups',
  'draw card',
  async (card: Card, drawings: ReadonlyMap<string, string>): Promise<string> =>
    cardSvg(card, (specimen) => drawings.get(specimen) ?? ''),
)
