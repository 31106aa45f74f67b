/** What becomes of a row: kept as new, there already, or refused. */
export type RowResult = 'new' | 'there' | 'refused'

/** An import of readings from a file, as the page shows it. */
export interface Import {
  id: string
  name: string
  state: 'reading' | 'ready' | 'writing' | 'done' | 'failed'
  /** What stopped it. */
  message: string
  rows: number
  counts: Record<RowResult, number>
  /** Share of the file that has been read or written. */
  progress: number
}

/** An import with its file and what becomes of each row. */
export interface ImportJob extends Import {
  file: string
  rowResults: RowResult[]
  /** Why a row is refused, by its number in the file. */
  problems: Map<number, string>
}

/** The row of the file that holds the reading at an index: the first row has the heads. */
export const fileRow = (index: number): number => index + 2
