import { formatChance } from '#core/verdict/call.ts'
import { line, type CardItem, type Room } from './card-item.ts'
import { cardTable, shortCell } from './card-table.ts'
import { fitLines, type Measure } from './card-text.ts'
import type { MaterialRow, ReviewMaterial } from './review-material.ts'

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
  { key: 'figure', label: 'One figure' },
  { key: 'parts', label: 'Part by part' },
  { key: 'pair', label: 'Two beside each other, to scale' },
] as const

export type CardKind = (typeof cardKinds)[number]['key']

/** A card, laid out: every text fits into its width. */
export interface Card {
  width: number
  height: number
  items: CardItem[]
  /** What it says, for those who cannot see it. */
  alt: string
}

const margin = 56
/** So many products stand on a card at most, and so many rows are told to those who cannot see it. */
const most = { products: 8, rows: 14 }

/**
 * A card of a review.
 *
 * @param kind what stands on it
 * @param size in pixels
 * @param material of the review
 * @param measure how wide texts are
 * @param key of the row that a card of one figure shows; the first that has numbers and differs for none
 * @example
 * layOutCard('verdict', cardSizes[0], reviewMaterial, (text, { size }) => text.length * size * 0.5).alt.split(':')[0]
 * // => 'Skerry 1.1 D'
 */
export function layOutCard(
  kind: CardKind,
  size: CardSize,
  { rows, ...about }: ReviewMaterial,
  measure: Measure,
  key = '',
): Card {
  const material = { ...about, rows: kind === 'figure' ? figureRow(rows, key) : rows }
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

type Body = (material: ReviewMaterial, room: Room, measure: Measure) => CardItem[]

function cardHead(kind: CardKind, material: ReviewMaterial, width: number, measure: Measure) {
  const { engine } = material
  const title = titles[kind](material)
  const { lines, size } = fitLines(title, width, 3, { face: 'bold', size: 58 }, 30, measure)
  const items: CardItem[] = [line(engine, { x: margin, y: 74, width }, { face: 'label', size: 28 }, 'soft', measure)]
  let y = 88
  for (const text of lines) {
    y += size * 1.1
    items.push({ kind: 'text', text, x: margin, y, width, style: { face: 'bold', size }, colour: 'ink' })
  }
  return { items, y: y + 36 }
}

const titles: Record<CardKind, (material: ReviewMaterial) => string> = {
  verdict: ({ callText }) => callText || 'Nobody is judged yet.',
  figure: ({ rows: [row] }) => row?.label ?? 'No figure is known in which they differ.',
  parts: () => 'Part by part',
  pair: () => 'Beside each other, to one scale',
}

/** The row of one figure: the one that is asked for, or the first that has numbers and in which they differ. */
function figureRow(rows: readonly MaterialRow[], key: string): MaterialRow[] {
  const numbers = rows.filter(({ cells }) => cells.some(({ value }) => value !== undefined))
  const row = numbers.find((one) => one.key === key) ?? numbers.find(({ differs }) => differs)
  return row ? [row] : []
}

const bodies: Record<CardKind, Body> = {
  figure: ({ products, rows: [row] }, { x, y, width, bottom }, measure) => {
    const shown = products.slice(0, most.products)
    const values = shown.map((_, at) => row?.cells[at]?.value ?? 0)
    const largest = Math.max(...values, Number.MIN_VALUE)
    const step = Math.min(150, (bottom - y) / Math.max(1, shown.length))
    const [nameWidth, textWidth] = [width * 0.32, width * 0.24]
    const barWidth = width - nameWidth - textWidth - 40
    return shown.flatMap(({ name }, at): CardItem[] => {
      const cell = row?.cells[at]
      if (!cell) return []
      const middle = y + step * (at + 0.5)
      return [
        line(name, { x, y: middle + 10, width: nameWidth }, { face: 'label', size: 32 }, 'ink', measure),
        {
          ...{ kind: 'box', x: x + nameWidth + 20, y: middle - 14, height: 28 },
          ...{ width: Math.max(2, (barWidth * Math.max(0, values[at] ?? 0)) / largest), colour: 'green' },
        },
        line(
          shortCell(cell),
          { x: x + width - textWidth, y: middle + 10, width: textWidth },
          { face: 'bold', size: 32 },
          'ink',
          measure,
          15,
          true,
        ),
      ]
    })
  },
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
    return cardTable(material, products, room, measure)
  },
  pair: (material, { x, y, width, bottom }, measure) => {
    const products = material.products.slice(0, 2)
    const half = (width - 40) / 2
    const height = Math.min(half * 0.42, (bottom - y) * 0.4)
    const heads = products.flatMap(({ name, specimenId }, at): CardItem[] => [
      line(name, { x: x + at * (half + 40), y: y + 30, width: half }, { face: 'label', size: 34 }, 'ink', measure),
      { kind: 'drawing', specimen: specimenId, x: x + at * (half + 40), y: y + 48, width: half, height },
    ])
    return [...heads, ...cardTable(material, products, { x, y: y + 48 + height + 20, width, bottom }, measure)]
  },
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
