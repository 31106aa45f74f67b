import { partLabel, type Evidence } from '#core/catalogue/index.ts'
import { formatChance } from '#core/verdict/call.ts'
import { fitLine, fitLines, type Measure, type TextStyle } from './card-text.ts'
import type { MaterialCell, MaterialRow, ReviewedProduct, ReviewMaterial } from './review-material.ts'

/** Sizes that cards come in. */
export const cardSizes = [
  { key: 'wide', label: '1280 × 720', width: 1280, height: 720 },
  { key: 'square', label: '1080 × 1080', width: 1080, height: 1080 },
  { key: 'tall', label: '1080 × 1920', width: 1080, height: 1920 },
] as const

export type CardSize = (typeof cardSizes)[number]

/** What stands on a card. */
export const cardKinds = [
  { key: 'verdict', label: 'Verdict' },
  { key: 'parts', label: 'Part by part' },
  { key: 'pair', label: 'Two beside each other, to scale' },
] as const

export type CardKind = (typeof cardKinds)[number]['key']

export type CardColour = 'ink' | 'soft' | 'line' | 'green' | 'amber' | 'card' | 'best'

/** A piece of a card, in pixels from its upper left; a text stands on y. */
export type CardItem =
  | {
      kind: 'text'
      text: string
      x: number
      y: number
      width: number
      style: TextStyle
      colour: CardColour
      end?: true
    }
  | { kind: 'box'; x: number; y: number; width: number; height: number; colour: CardColour }
  | { kind: 'drawing'; specimen: string; x: number; y: number; width: number; height: number }

/** A card, laid out: every text fits into its width. */
export interface Card {
  width: number
  height: number
  items: CardItem[]
  /** What it says, for those who cannot see it. */
  alt: string
}

const margin = 56
/** So many products and rows stand on a card at most. */
const most = { products: 8, rows: 32 }

/**
 * A card of a review.
 *
 * @param kind what stands on it
 * @param size in pixels
 * @param material of the review
 * @param measure how wide texts are
 * @example
 * layOutCard('verdict', cardSizes[0], reviewMaterial, (text, { size }) => text.length * size * 0.5).alt.split(':')[0]
 * // => 'Skerry 1.1 D'
 */
export function layOutCard(kind: CardKind, size: CardSize, material: ReviewMaterial, measure: Measure): Card {
  const room = { x: margin, width: size.width - 2 * margin, bottom: size.height - 70 }
  const { items: head, y } = cardHead(kind, material, room.width, measure)
  const body = bodies[kind](material, { ...room, y }, measure)
  return {
    width: size.width,
    height: size.height,
    alt: altOf(kind, material),
    items: [
      { kind: 'box', x: 0, y: 0, width: size.width, height: 14, colour: 'green' },
      ...head,
      ...body,
      line(
        `Construction and value, no filtration test · ${material.day} · method ${material.method}${kind === 'verdict' ? '' : ' · told: by the maker; looks: by the look of it'}`,
        { x: margin, y: size.height - 30, width: room.width },
        { face: 'text', size: 20 },
        'soft',
        measure,
        14,
      ),
    ],
  }
}

interface Room {
  x: number
  y: number
  width: number
  bottom: number
}

type Body = (material: ReviewMaterial, room: Room, measure: Measure) => CardItem[]

function line(
  text: string,
  { x, y, width }: { x: number; y: number; width: number },
  style: TextStyle,
  colour: CardColour,
  measure: Measure,
  least = 15,
  end = false,
): CardItem {
  const fitted = fitLine(text, width, style, least, measure)
  return {
    kind: 'text',
    text: fitted.text,
    ...{ x: end ? x + width : x, y, width, colour },
    style: { ...style, size: fitted.size },
    ...(end && { end }),
  }
}

function cardHead(kind: CardKind, { engine, callText }: ReviewMaterial, width: number, measure: Measure) {
  const title =
    kind === 'verdict'
      ? callText || 'Nobody is judged yet.'
      : kind === 'parts'
        ? 'Part by part'
        : 'Beside each other, to one scale'
  const { lines, size } = fitLines(title, width, 3, { face: 'bold', size: 58 }, 30, measure)
  const items: CardItem[] = [line(engine, { x: margin, y: 74, width }, { face: 'label', size: 28 }, 'soft', measure)]
  let y = 88
  for (const text of lines) {
    y += size * 1.1
    items.push({ kind: 'text', text, x: margin, y, width, style: { face: 'bold', size }, colour: 'ink' })
  }
  return { items, y: y + 36 }
}

const bodies: Record<CardKind, Body> = {
  verdict: ({ products }, { x, y, width, bottom }, measure) => {
    const ranked = products.filter(({ score }) => score).slice(0, most.products)
    const step = Math.min(150, (bottom - y) / Math.max(1, ranked.length))
    const [nameWidth, chanceWidth] = [width * 0.34, 150]
    const barWidth = width - nameWidth - chanceWidth - 40
    return ranked.flatMap(({ name, score }, at): CardItem[] => {
      if (!score) return []
      const middle = y + step * (at + 0.5)
      const barX = x + nameWidth + 20
      const along = (value: number) => barX + (barWidth * value) / 100
      return [
        line(name, { x, y: middle + 10, width: nameWidth }, { face: 'label', size: 32 }, 'ink', measure),
        { kind: 'box', x: barX, y: middle - 1, width: barWidth, height: 2, colour: 'line' },
        { kind: 'box', x: barX, y: middle - 12, width: (barWidth * score.mean) / 100, height: 24, colour: 'green' },
        {
          ...{ kind: 'box', x: along(score.low), y: middle - 3, height: 6, colour: 'amber' },
          width: Math.max(2, along(score.high) - along(score.low)),
        },
        line(
          formatChance(score.chance),
          { x: x + width - chanceWidth, y: middle + 10, width: chanceWidth },
          { face: 'bold', size: 32 },
          'ink',
          measure,
          15,
          true,
        ),
      ]
    })
  },
  parts: (material, room, measure) => {
    const products = material.products.slice(0, most.products)
    return tableOf(material, products, room, measure)
  },
  pair: (material, { x, y, width, bottom }, measure) => {
    const products = material.products.slice(0, 2)
    const half = (width - 40) / 2
    const height = Math.min(half * 0.42, (bottom - y) * 0.4)
    const heads = products.flatMap(({ name, specimenId }, at): CardItem[] => [
      line(name, { x: x + at * (half + 40), y: y + 30, width: half }, { face: 'label', size: 34 }, 'ink', measure),
      { kind: 'drawing', specimen: specimenId, x: x + at * (half + 40), y: y + 48, width: half, height },
    ])
    return [...heads, ...tableOf(material, products, { x, y: y + 48 + height + 20, width, bottom }, measure)]
  },
}

/** Rows that differ, as many as there is room for. */
function tableOf(
  { rows, products: all }: ReviewMaterial,
  products: ReviewedProduct[],
  room: Room,
  measure: Measure,
): CardItem[] {
  const { x, y, width, bottom } = room
  const places = products.map((product) => all.indexOf(product))
  const shown = worthShowing(rows, places).slice(0, Math.max(0, Math.floor((bottom - y) / rowStep) - 1))
  const labelWidth = width * 0.26
  const cellWidth = (width - labelWidth) / Math.max(1, products.length)
  const cellAt = (at: number) => ({ x: x + labelWidth + at * cellWidth, width: cellWidth - 12 })
  return [
    ...products.flatMap(({ brand, name }, at) => [
      line(brand, { ...cellAt(at), y: y + 4 }, { face: 'text', size: 18 }, 'soft', measure),
      line(withoutBrand(name, brand), { ...cellAt(at), y: y + 32 }, { face: 'label', size: 26 }, 'ink', measure),
    ]),
    ...shown.flatMap((row, index): CardItem[] => {
      const base = y + rowStep * (index + 1)
      return [
        { kind: 'box', x, y: base, width, height: 1, colour: 'line' },
        line(
          nameOfRow(row, labelWidth - 12, measure),
          { x, y: base + 31, width: labelWidth - 12 },
          { face: 'text', size: 21 },
          'ink',
          measure,
        ),
        ...places.flatMap((place, at) => tableCell(row.cells[place], { ...cellAt(at), y: base }, measure)),
      ]
    }),
  ]
}

const rowStep = 46

const withoutBrand = (name: string, brand: string): string =>
  name.startsWith(`${brand} `) ? name.slice(brand.length + 1) : name

/** Rows in which these differ: first where one of them is best, then what is known of all. */
function worthShowing(rows: readonly MaterialRow[], places: readonly number[]): MaterialRow[] {
  const own = ({ cells }: MaterialRow) => places.flatMap((place) => cells[place] ?? [])
  const rankOf = (row: MaterialRow) =>
    own(row).reduce((sum, { mark, evidence }) => sum + (evidence ? 1 : 0) + (mark === 'best' ? places.length : 0), 0)
  const differing = rows.filter((row) => row.differs && new Set(own(row).map(({ text }) => text)).size > 1)
  const shown = new Set(
    [...differing]
      .sort((a, b) => rankOf(b) - rankOf(a))
      .slice(0, most.rows)
      .filter((row) => rankOf(row) > 0),
  )
  return rows.filter((row) => shown.has(row))
}

/** What a row is called, with its part where there is room for that. */
function nameOfRow({ label, part }: MaterialRow, width: number, measure: Measure): string {
  const long = `${partLabel(part)}: ${label.toLowerCase()}`
  const isSaid = label.toLowerCase().includes(partLabel(part).toLowerCase())
  return isSaid || measure(long, { face: 'text', size: 18 }) > width ? label : long
}

/** How it is put on a card that a value was not looked at: a word, told below. */
const shortReservations: Partial<Record<Evidence, string>> = { inferred: 'looks', claimed: 'told', reported: 'hearsay' }

const shortCell = ({ text, evidence }: MaterialCell): string => {
  const reservation = evidence && shortReservations[evidence]
  return reservation ? `${text} (${reservation})` : text
}

function tableCell(
  cell: MaterialCell | undefined,
  { x, y, width }: { x: number; y: number; width: number },
  measure: Measure,
): CardItem[] {
  if (!cell) return []
  const text = line(shortCell(cell), { x, y: y + 31, width }, { face: 'bold', size: 24 }, 'ink', measure)
  if (cell.mark !== 'best') return [text]
  return [{ kind: 'box', x: x - 6, y: y + 4, width: width + 6, height: rowStep - 8, colour: 'best' }, text]
}

function altOf(kind: CardKind, { engine, callText, products, rows }: ReviewMaterial): string {
  if (kind === 'verdict')
    return `${engine}: ${callText} ${products
      .flatMap(({ name, score }) => (score ? [`${name} ${Math.round(score.mean)}`] : []))
      .join(', ')}`.trim()
  const shown = products.slice(0, kind === 'pair' ? 2 : most.products)
  const differing = rows.filter(({ differs }) => differs).slice(0, most.rows)
  return `${engine}: ${shown.map(({ name }) => name).join(', ')}. ${differing
    .map(({ label, cells }) => `${label} ${shown.map((_, at) => cells[at]?.text ?? '').join(', ')}`)
    .join('; ')}`
}
