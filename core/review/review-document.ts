import type { OilState } from '#core/figures/oil-way.ts'
import type { InsertedValue } from './inserted-values.ts'

/** A cell of a table of a review. */
interface TableCell {
  text: string
  mark?: 'best' | 'worst'
}

/** A bar of a chart: a value with what it may be between. */
export interface ChartBar {
  label: string
  value: number
  low: number
  high: number
}

/** A piece of a review, whatever it is written out as. */
export type Piece =
  | { kind: 'heading'; text: string }
  | { kind: 'prose'; markdown: string; values: InsertedValue[] }
  | { kind: 'paragraph'; text: string }
  | { kind: 'list'; items: string[] }
  | { kind: 'table'; caption: string; head: string[]; rows: { label: string; cells: TableCell[] }[] }
  | { kind: 'chart'; title: string; bars: ChartBar[] }
  | { kind: 'oil-way'; specimen: string; name: string; states: { state: OilState; label: string; says: string }[] }
  | { kind: 'drawings'; items: { specimen: string; caption: string }[] }
  | { kind: 'caution'; text: string }

/** What a block comes to. */
export interface Section {
  /** Of its block. */
  id: string
  title: string
  pieces: Piece[]
}

/** A review, written. */
export interface ReviewDocument {
  title: string
  engine: string
  /** Dated words on what was wrong, the latest first. */
  corrections: { day: string; words: string }[]
  sections: Section[]
}

/**
 * What a piece says, line by line: by this it is told what has changed since.
 *
 * @example pieceLines({ kind: 'list', items: ['one', 'two'] }) // => ['one', 'two']
 */
export function pieceLines(piece: Piece): string[] {
  switch (piece.kind) {
    case 'heading':
    case 'paragraph':
    case 'caution':
      return [piece.text]
    case 'prose':
      return piece.values.map(({ name, text }) => `${name}: ${text ?? 'not found'}`)
    case 'list':
      return piece.items
    case 'table':
      return piece.rows.map(({ label, cells }) => `${label}: ${cells.map(({ text }) => text).join(' | ')}`)
    case 'chart':
      return piece.bars.map(({ label, value }) => `${label}: ${Math.round(value)}`)
    case 'oil-way':
      return piece.states.map(({ label, says }) => `${label}: ${says}`)
    case 'drawings':
      return piece.items.map(({ caption }) => caption)
  }
}
