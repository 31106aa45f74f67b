import type { Card } from '#core/review/card.ts'
import type { CardColour, CardItem } from '#core/review/card-item.ts'
import { escapeMarkup } from '#core/review/escape-markup.ts'
import { measureText, outlineOf, unitsOfHeight } from './card-faces.server.ts'

const colours: Record<CardColour, string> = {
  ink: '#1d2422',
  soft: '#565b54',
  line: '#d9d0bd',
  green: '#12372c',
  amber: '#d58a12',
  card: '#fbf8f1',
  best: '#d8eadd',
}
const paper = '#f4efe4'

/**
 * A card as SVG: its texts are outlines, so that it needs no type, and what it says is told beside.
 *
 * @param drawingOf a specimen, as SVG
 */
export function cardSvg({ width, height, items, alt }: Card, drawingOf: (specimen: string) => string): string {
  const drawn = items.map((item) => drawItem(item, drawingOf)).join('\n')
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}" ` +
    `role="img" aria-label="${escapeMarkup(alt)}">\n<title>${escapeMarkup(alt)}</title>\n` +
    `<rect width="${width}" height="${height}" fill="${paper}"/>\n${drawn}\n</svg>\n`
  )
}

const rounded = (value: number): number => Math.round(10 * value) / 10

function drawItem(item: CardItem, drawingOf: (specimen: string) => string): string {
  switch (item.kind) {
    case 'box': {
      const [x, y, width, height] = [item.x, item.y, item.width, item.height].map(rounded)
      return `<rect x="${x}" y="${y}" width="${width}" height="${height}" fill="${colours[item.colour]}"/>`
    }
    case 'text': {
      const { text, style, colour } = item
      const x = item.end ? item.x - measureText(text, style) : item.x
      const place = `translate(${rounded(x)} ${rounded(item.y)}) scale(${style.size / unitsOfHeight})`
      return `<path transform="${place}" d="${outlineOf(text, style.face)}" fill="${colours[colour]}"/>`
    }
    case 'drawing': {
      const [x, y, width, height] = [item.x, item.y, item.width, item.height].map(rounded)
      const svg = Buffer.from(drawingOf(item.specimen)).toString('base64')
      return `<image x="${x}" y="${y}" width="${width}" height="${height}" href="data:image/svg+xml;base64,${svg}"/>`
    }
  }
}
