import { formatCount } from '#core/quantity/format.ts'

/** More than this has no table of readings; letters of one cell. */
const tableLimits = { rows: 2_000_000, columns: 256, letters: 20_000 }

export const delimiters = [',', ';', '\t'] as const
export type Delimiter = (typeof delimiters)[number]

/**
 * What stands between the cells of a text: the sign of which its first line has most outside quotes.
 *
 * @param text its beginning
 * @example delimiterOf('a;b;"c,d,e,f"\n1,2') // => ';'
 */
export function delimiterOf(text: string): Delimiter {
  const counts = new Map<string, number>()
  let isQuoted = false
  for (const sign of text) {
    if (sign === '"') isQuoted = !isQuoted
    else if (!isQuoted && sign === '\n') break
    else if (!isQuoted) counts.set(sign, (counts.get(sign) ?? 0) + 1)
  }
  const countOf = (one: string) => counts.get(one) ?? 0
  return delimiters.reduce((best, one) => (countOf(one) > countOf(best) ? one : best))
}

/**
 * Watches the text of a table as it arrives, so that nobody takes a row apart that is no row: its cells, letters and
 * rows are counted in one pass, whatever its size.
 *
 * @param delimiter between cells
 * @param limits of rows, columns and letters of a cell
 * @returns takes the next piece of the text; says in words what is too much, else undefined
 * @example watchTable(',', { rows: 9, columns: 2, letters: 9 })('a,b,c') // => 'Row 1 has more than 2 columns.'
 */
export function watchTable(delimiter: Delimiter, limits = tableLimits): (text: string) => string | undefined {
  let [row, column, letters] = [1, 1, 0]
  let isQuoted = false
  let wasClosed = false
  return (text) => {
    for (const sign of text) {
      if (isQuoted) {
        if (sign === '"') [isQuoted, wasClosed] = [false, true]
        else letters++
      } else if (sign === '"' && (letters === 0 || wasClosed)) {
        isQuoted = true
      } else if (sign === delimiter) {
        if (++column > limits.columns) return `Row ${row} has more than ${formatCount(limits.columns, 'column')}.`
        ;[letters, wasClosed] = [0, false]
      } else if (sign === '\n') {
        if (++row > limits.rows) return `The file has more than ${formatCount(limits.rows, 'row')}. Split it.`
        ;[column, letters, wasClosed] = [1, 0, false]
      } else {
        letters++
      }
      if (letters > limits.letters)
        return `A cell of row ${row} has more than ${formatCount(limits.letters, 'letter')}: a quote may be open.`
    }
    return undefined
  }
}
