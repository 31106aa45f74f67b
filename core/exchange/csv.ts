import Papa from 'papaparse'

const startsFormula = /^'*(\s*[=+\-@＝＋－＠]|[\t\r\n])/
const escapedFormula = /^'+(\s*[=+\-@＝＋－＠]|[\t\r\n])/
const plainNumber = /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i

/**
 * A cell that no spreadsheet runs as a formula: text that begins with `=`, `+`, `-`, `@`, after spaces too and in their
 * wide forms, or with a tab or a line end gets an apostrophe in front, and so does text that already has one there, so
 * that it can be taken off again. A plain number stays as it is.
 *
 * Source: OWASP, CSV injection (from memory).
 *
 * @param cell text of the cell
 * @example escapeFormula('=1+1') // => "'=1+1"
 * @example escapeFormula('-0.02') // => '-0.02'
 */
export const escapeFormula = (cell: string): string =>
  startsFormula.test(cell) && !plainNumber.test(cell) ? `'${cell}` : cell

/**
 * The text that was escaped by {@link escapeFormula}; other text stays as it is.
 *
 * @param cell as read
 * @example unescapeFormula("'=1+1") // => '=1+1'
 */
export const unescapeFormula = (cell: string): string => (escapedFormula.test(cell) ? cell.slice(1) : cell)

/**
 * Rows as CSV text, with lines ended by CR LF and formulas escaped in every cell.
 *
 * Source: RFC 4180.
 *
 * @param rows cells by row
 * @example formatCsv([['a', '=b']]) // => "a,'=b\r\n"
 */
export const formatCsv = (rows: readonly (readonly (string | number)[])[]): string =>
  rows.length === 0 ? '' : `${Papa.unparse(rows.map((row) => row.map((cell) => escapeFormula(String(cell)))))}\r\n`

/**
 * Cells of a text: comma, semicolon or tab between them, as the text itself tells.
 *
 * @param text pasted or out of a file
 * @param most rows that are read
 * @example parseCells('a;b\n"c;d";e', 10) // => [['a', 'b'], ['c;d', 'e']]
 */
export const parseCells = (text: string, most: number): string[][] =>
  Papa.parse<string[]>(text.replace(/^\ufeff/, ''), { preview: most, skipEmptyLines: 'greedy' }).data
