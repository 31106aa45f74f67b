import { formatCount } from '#core/quantity/format.ts'
import { columnName } from './column-name.ts'

/** What contradicts itself in columns of a line-up, a sentence each. */
export const openContradictions = (
  columns: readonly { name: string; revision: string; findings: number }[],
): string[] =>
  columns
    .filter(({ findings }) => findings > 0)
    .map(
      (column) =>
        `${columnName(column)}: ${formatCount(column.findings, 'contradiction')} among its readings ` +
        `${column.findings === 1 ? 'is' : 'are'} open.`,
    )
