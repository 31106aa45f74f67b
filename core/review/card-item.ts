import { fitLine, type Measure, type TextStyle } from './card-text.ts'

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

/** Where something stands on a card. */
export interface Room {
  x: number
  y: number
  width: number
  bottom: number
}

/**
 * A text of a card on one line, fitted into its width.
 *
 * @param place where it stands, on y
 * @param least size that can still be read
 * @param end whether it ends at the right of its room
 * @example
 * line('N-40', { x: 0, y: 9, width: 99 }, { face: 'text', size: 9 }, 'ink', () => 20).kind // => 'text'
 */
export function line(
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
