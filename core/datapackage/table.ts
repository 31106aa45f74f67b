import Papa from 'papaparse'
import type { z } from 'zod'
import { formatCsv } from '#core/exchange/csv.ts'
import { ok, problem, type Result } from '#core/result.ts'
import type { Column } from './column.ts'

/** A table of a data package: its columns in their order, each by its heading. */
export interface Table<C extends Columns = Columns> {
  /** Of its file, without its ending. */
  name: string
  title: string
  description: string
  columns: C
  /** Headings that name a row. */
  primaryKey?: readonly string[]
  /** Columns that name a row of another table by its primary key. */
  foreignKeys?: readonly { fields: readonly string[]; table: string }[]
}

// A column writes what it reads, which differs from one to the next.
// eslint-disable-next-line @typescript-eslint/no-explicit-any
type Columns = Readonly<Record<string, Column<any>>>

/** A row of a table. */
export type RowOf<T extends Table> = { [K in keyof T['columns']]: z.output<T['columns'][K]['read']> }

/** Rows of a packaged table that are taken in, at most. */
const mostRows = 20_000

/**
 * Rows of a table as CSV.
 *
 * @param table what they are rows of
 * @param rows in their order
 * @example tableCsv({ name: 't', title: '', description: '', columns: { a: textColumn('', 9) } }, [{ a: '=1' }])
 * // => "a\r\n'=1\r\n"
 */
export function tableCsv<T extends Table>({ columns }: T, rows: readonly RowOf<T>[]): string {
  const headings = Object.keys(columns)
  return formatCsv([
    headings,
    ...rows.map((row) => headings.map((heading) => columns[heading]?.write(row[heading as keyof RowOf<T>]) ?? '')),
  ])
}

/**
 * Rows of a table out of a CSV text; all of them or what is wrong with the first that cannot be read.
 *
 * @param table what they are rows of
 * @param text of the file
 * @example readTable({ name: 't', title: '', description: '', columns: { a: textColumn('', 9) } }, "a\r\n'=1\r\n")
 * // => { ok: true, value: [{ a: '=1' }] }
 */
export function readTable<T extends Table>({ name, columns }: T, text: string): Result<RowOf<T>[]> {
  const { data, meta } = Papa.parse<Record<string, string>>(text, {
    ...{ header: true, skipEmptyLines: 'greedy', delimiter: ',', preview: mostRows + 1 },
    transformHeader: (heading) => heading.trim(),
  })
  const headings = Object.keys(columns)
  const missing = headings.filter((heading) => !meta.fields?.includes(heading))
  if (missing.length > 0) return problem('columns', `${name}.csv lacks the column ${missing[0] ?? ''}.`)
  if (data.length > mostRows) return problem('rows', `${name}.csv has more than ${mostRows} rows.`)
  const rows: RowOf<T>[] = []
  for (const [index, cells] of data.entries()) {
    const row: Record<string, unknown> = {}
    for (const heading of headings) {
      const parsed = columns[heading]?.read.safeParse(cells[heading] ?? '')
      if (!parsed?.success) {
        const why = parsed?.error.issues[0]?.message ?? 'cannot be read'
        return problem('cell', `${name}.csv, row ${index + 2}: "${heading}" ${why}.`)
      }
      row[heading] = parsed.data
    }
    rows.push(row as RowOf<T>)
  }
  return ok(rows)
}
