import * as texts from '#app/texts/verdict.ts'
import { columnName } from './column-name.ts'

/** What contradicts itself in columns of a line-up, readings and claims, a sentence each. */
export const openContradictions = (
  columns: readonly { name: string; revision: string; findings: number; disputes: readonly string[] }[],
): string[] =>
  columns.flatMap((column) => [
    ...(column.findings > 0 ? [texts.contradictionsAmongItsReadingsOpen(columnName(column), column.findings)] : []),
    ...column.disputes.map((dispute) => texts.claimsTwoThings(columnName(column), dispute)),
  ])
