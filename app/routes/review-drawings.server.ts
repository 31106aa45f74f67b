import { chartAlt, type Drawn } from '#core/review/article.ts'
import { escapeMarkup } from '#core/review/escape-markup.ts'
import type { ReviewDocument } from '#core/review/review-document.ts'
import { barChartSvg } from '#app/data/review-pictures.server.ts'
import { listSpecimensById } from '#app/data/specimens.server.ts'
import { specimenDrawing } from './specimen-drawing.server.tsx'

/** Pictures of a review that are part of its file. */
export async function drawnWithin(document: ReviewDocument): Promise<Drawn> {
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
