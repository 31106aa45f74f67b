import type { OilState } from '#core/figures/oil-way.ts'
import { chartAlt, type Drawn } from '#core/review/article.ts'
import { escapeMarkup } from '#core/review/escape-markup.ts'
import type { Piece, ReviewDocument } from '#core/review/review-document.ts'
import { drawBarChart } from '#app/data/review-pictures.server.ts'
import { listSpecimensById } from '#app/data/specimens.server.ts'
import * as texts from '#app/texts/review.ts'
import { oilWayDrawing, specimenDrawing } from './specimen-drawing.server.tsx'

/** Pictures of a review that are part of its file. */
export async function drawnWithin(document: ReviewDocument): Promise<Drawn> {
  const pieces = document.sections.flatMap((section) => section.pieces)
  const drawn = pieces.flatMap((piece) =>
    piece.kind === 'drawings' ? piece.items.map(({ specimen }) => specimen) : [],
  )
  const oilWays = pieces.flatMap((piece) =>
    piece.kind === 'oil-way' ? piece.states.map(({ state }) => ({ specimen: piece.specimen, state })) : [],
  )
  const specimens = await listSpecimensById([...new Set([...drawn, ...oilWays.map(({ specimen }) => specimen)])])
  const drawings = new Map<string, string>()
  for (const one of specimens) {
    if (drawn.includes(one.id)) drawings.set(one.id, await specimenDrawing(one, 'small'))
    for (const { specimen, state } of oilWays)
      if (specimen === one.id) drawings.set(oilWayOf(specimen, state), await oilWayDrawing(one, state))
  }
  const charts = new Map<Piece, string>()
  for (const piece of pieces) if (piece.kind === 'chart') charts.set(piece, await drawBarChart(piece.bars))
  const drawing = (key: string, alt: string) => (drawings.has(key) ? imageOf(drawings.get(key) ?? '', alt) : '')
  return {
    chart: (piece) => imageOf(charts.get(piece) ?? '', chartAlt(piece)),
    drawing: (specimen) => drawing(specimen, texts.drawingToScale),
    oilWay: (specimen, state, alt) => drawing(oilWayOf(specimen, state), alt),
  }
}

const oilWayOf = (specimen: string, state: OilState): string => `${specimen} ${state}`

const imageOf = (svg: string, alt: string): string =>
  `<img src="data:image/svg+xml;base64,${Buffer.from(svg).toString('base64')}" alt="${escapeMarkup(alt)}">`
