import { partLabel, type Evidence } from '#core/catalogue/index.ts'
import { line, type CardItem, type Room } from './card-item.ts'
import type { Measure } from './card-text.ts'
import type { MaterialCell, MaterialRow, ReviewedProduct, ReviewMaterial } from './review-material.ts'

/** So many rows stand on a card at most. */
const mostRows = 32

/**
 * Rows in which products differ, as many as there is room for.
 *
 * @param material of the review
 * @param products that are shown
 * @param room for them
 * @param measure how wide texts are
 * @example
 * cardTable(reviewMaterial, reviewMaterial.products, { x: 0, y: 0, width: 900, bottom: 60 }, () => 9).length // => 4
 */
export function cardTable(
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
      .slice(0, mostRows)
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

/**
 * A value as it stands on a card: what was not looked at with a word that is told below.
 *
 * @example shortCell({ text: 'HNBR', evidence: 'claimed' }) // => 'HNBR (told)'
 */
export const shortCell = ({ text, evidence }: MaterialCell): string => {
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
