import { formatCsv } from './csv.ts'

/** What was said beside the readings: a prediction, what is owed, what was asked of a maker, a call, an exhibit. */
export interface SaidRow {
  kind: 'predicted' | 'owed' | 'asked' | 'called' | 'laid beside'
  product: string
  /** Label of the specimen; the other product of a call. */
  of: string
  about: string
  said: string
  /** What came of it; empty while it is open. */
  outcome: string
  /** UTC or day, ISO 8601; empty where it has none. */
  when: string
}

const columns = ['kind', 'product', 'of', 'about', 'said', 'outcome', 'when'] as const satisfies (keyof SaidRow)[]

/**
 * What was said beside the readings of a line-up, one row each.
 *
 * @param rows in the order in which they are to stand
 * @example saidCsv([]) // => 'kind,product,of,about,said,outcome,when\r\n'
 */
export const saidCsv = (rows: readonly SaidRow[]): string =>
  formatCsv([columns, ...rows.map((row) => columns.map((column) => row[column]))])
