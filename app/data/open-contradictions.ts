import { formatCount } from '#core/quantity/format.ts'
import { columnName } from './column-name.ts'

/** What contradicts itself in columns of a line-up, readings and claims, a sentence each. */
export const openContradictions = (
  columns: readonly { name: string; revision: string; findings: number; disputes: readonly string[] }[],
): string[] =>
  columns.flatMap((column) => [
    ...(column.findings > 0
      ? [
          `${columnName(column)}: ${formatCount(column.findings, 'contradiction')} among its readings ` +
            `${column.findings === 1 ? 'is' : 'are'} open.`,
        ]
      : []),
    ...column.disputes.map((dispute) => `${columnName(column)} claims two things: ${dispute}`),
  ])
