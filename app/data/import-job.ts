import type { PackagedLibrary } from '#core/datapackage/library-tables.ts'

/** What becomes of a row: kept as new, there already, or refused. */
export const rowResults = ['new', 'there', 'refused'] as const
export type RowResult = (typeof rowResults)[number]

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

/** What a dry run found; nothing was written. */
export interface DryRun {
  /** What stopped it; empty when it was gone through. */
  message: string
  rows: number
  counts: Record<RowResult, number>
  /** Place in the list of row results, by row. */
  results: Uint8Array
  /** Why rows are refused, the first of them. */
  problems: { row: number; message: string }[]
}

/** An import with its file and what becomes of each row. */
export interface ImportJob extends Import, Pick<DryRun, 'results' | 'problems'> {
  file: string
  /** What a data package brings beside its readings. */
  library?: PackagedLibrary
  /** Ends it. */
  cancel: AbortController
}

/** The file of what becomes of each row, beside that of the rows. */
export const resultsFile = (file: string): string => `${file}.results`

/** The row of the file that holds the reading at an index: the first row has the heads. */
export const fileRow = (index: number): number => index + 2
