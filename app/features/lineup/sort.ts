import type { Cell } from '#core/compare/cell.ts'
import type { CellPoints } from '#core/compare/marks.ts'
import type { Row } from '#core/compare/lineup.ts'
import type { ColumnHead } from '#app/data/lineup.server.ts'
import * as texts from '#app/texts/line-up.ts'

/** What a column is sorted by; undefined goes last. */
type SortKey = number | string | undefined

const collator = new Intl.Collator('en', { numeric: true })

/**
 * Order of the columns by a row, the score, the price or the name; what is missing goes last.
 *
 * @param columns of the line-up
 * @param rows with cells in the order of the columns
 * @param by a row's key, or `score`, `price`, `name`
 * @param rising smallest first; the largest is first otherwise, names always start with A unless rising
 * @param pointsOf a cell: words are sorted by them
 * @returns indices of the columns, and what is wrong when they cannot be sorted so
 */
export function sortColumns(
  columns: readonly ColumnHead[],
  rows: readonly Row[],
  by: string,
  rising: boolean,
  pointsOf: CellPoints,
): { order: number[]; problem?: string } {
  const currencies = new Set(columns.flatMap(({ paid }) => paid?.currency ?? []))
  if (by === 'price' && currencies.size > 1) {
    const problem = texts.pricesAreInTheyCannotBe([...currencies].join(' and '))
    return { order: columns.map((_, index) => index), problem }
  }
  const row = rows.find(({ key }) => key === by)
  const keyed = columns.map((column, index) => ({ index, key: sortKey(column, row?.cells[index], by, pointsOf) }))
  return {
    order: keyed.sort((a, b) => compareKeys(a.key, b.key, rising) || a.index - b.index).map(({ index }) => index),
  }
}

function compareKeys(x: SortKey, y: SortKey, rising: boolean): number {
  if (x === undefined || y === undefined) return Number(x === undefined) - Number(y === undefined)
  if (typeof x === 'number' && typeof y === 'number') return rising ? x - y : y - x
  const ascending = collator.compare(String(x), String(y))
  return rising ? -ascending : ascending
}

function sortKey(column: ColumnHead, cell: Cell | undefined, by: string, pointsOf: CellPoints): SortKey {
  if (by === 'name') return `${column.name} ${column.revision}`
  if (by === 'price') return column.paid?.minor
  if (!cell) return scoreKey(column)
  if (cell.state === 'number') return cell.value
  if (cell.state === 'words') return pointsOf(by, cell) ?? cell.text
  return cell.state === 'openings'
    ? cell.groups.reduce((sum, { count, width }) => sum + (count ?? 0) * (width ?? 0) ** 2, 0)
    : undefined
}

/** A score with a fatal fault goes behind those without. */
const scoreKey = ({ score: { value, fatalFault } }: ColumnHead): SortKey =>
  value === undefined ? undefined : value - (fatalFault ? 1000 : 0)
