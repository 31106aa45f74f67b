/** How a text on a card is set: the face, and the height of its letters in pixels. */
export interface TextStyle {
  face: 'label' | 'text' | 'bold'
  size: number
}

/** How wide a text is in pixels. */
export type Measure = (text: string, style: TextStyle) => number

/** A text that has been fitted into its room. */
export interface FittedText {
  text: string
  size: number
}

/**
 * A text on one line within a width: smaller letters first, then an end cut off.
 *
 * @param width in pixels
 * @param least size that can still be read
 * @example fitLine('N-40', 100, { face: 'text', size: 20 }, 10, (text, { size }) => text.length * size)
 * // => { text: 'N-40', size: 20 }
 */
export function fitLine(text: string, width: number, style: TextStyle, least: number, measure: Measure): FittedText {
  const line = text.replace(/\s+/g, ' ').trim()
  for (let { size } = style; size >= least; size--)
    if (measure(line, { ...style, size }) <= width) return { text: line, size }
  const letters = [...line]
  let [fits, fails] = [0, letters.length]
  while (fails - fits > 1) {
    const middle = Math.floor((fits + fails) / 2)
    if (measure(cutAt(letters, middle), { ...style, size: least }) <= width) fits = middle
    else fails = middle
  }
  return { text: cutAt(letters, fits), size: least }
}

const cutAt = (letters: readonly string[], count: number): string => `${letters.slice(0, count).join('').trimEnd()}…`

/**
 * A text on several lines within a width and a number of lines: smaller letters first, then an end cut off. A word that
 * is
 * wider than the room is parted.
 *
 * @param lines at most
 * @example
 * fitLines('one two', 40, 2, { face: 'text', size: 10 }, 8, (text, { size }) => text.length * size).lines
 * // => ['one', 'two']
 */
export function fitLines(
  text: string,
  width: number,
  lines: number,
  style: TextStyle,
  least: number,
  measure: Measure,
): { lines: string[]; size: number } {
  for (let { size } = style; size > least; size--) {
    const wrapped = wrap(text, width, { ...style, size }, measure)
    if (wrapped.length <= lines) return { lines: wrapped, size }
  }
  const smallest = { ...style, size: least }
  const wrapped = wrap(text, width, smallest, measure)
  if (wrapped.length <= lines) return { lines: wrapped, size: least }
  const last = wrapped.slice(lines - 1).join(' ')
  return { lines: [...wrapped.slice(0, lines - 1), fitLine(last, width, smallest, least, measure).text], size: least }
}

function wrap(text: string, width: number, style: TextStyle, measure: Measure): string[] {
  const lines: string[] = []
  let line = ''
  for (const word of text.split(/\s+/).filter(Boolean)) {
    const longer = line === '' ? word : `${line} ${word}`
    if (measure(longer, style) <= width) {
      line = longer
      continue
    }
    if (line !== '') lines.push(line)
    line = ''
    for (const letter of word)
      if (line !== '' && measure(line + letter, style) > width) {
        lines.push(line)
        line = letter
      } else line += letter
  }
  return line === '' ? lines : [...lines, line]
}
