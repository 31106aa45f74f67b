import type { Row } from '#core/compare/lineup.ts'
import { rankedFrom } from '#core/verdict/judged.ts'
import type { Column } from '#app/data/lineup.server.ts'

/**
 * Order of the columns by a row, the score, the price or the name; what is missing goes last.
 *
 * @param columns of the line-up
 * @param rows with cells in the order of the columns
 * @param by a row's key, or `score`, `price`, `name`
 * @param rising smallest first; the largest is first otherwise, names always start with A unless rising
 * @returns indices of the columns, and what is wrong when they cannot be sorted so
 */
export function sortColumns(
  columns: readonly Column[],
  rows: readonly Row[],
  by: string,
  rising: boolean,
): { order: number[]; problem?: string } {
  const order = columns.map((_, index) => index)
  if (by === 'price') {
    const currencies = new Set(columns.flatMap(({ price }) => (price ? [price.currency] : [])))
    if (currencies.size > 1)
      return { order, problem: `Prices are in ${[...currencies].join(' and ')}: they cannot be sorted without a rate.` }
  }
  const value = valueOf(columns, rows, by)
  const collator = new Intl.Collator('en', { numeric: true })
  order.sort((a, b) => {
    const [x, y] = [value(a), value(b)]
    if (x === undefined || y === undefined) return x === y ? a - b : x === undefined ? 1 : -1
    const ascending = typeof x === 'number' && typeof y === 'number' ? x - y : collator.compare(String(x), String(y))
    const wordsFirstToLast = typeof x === 'string'
    return (rising !== wordsFirstToLast ? ascending : -ascending) || a - b
  })
  return { order }
}

function valueOf(
  columns: readonly Column[],
  rows: readonly Row[],
  by: string,
): (index: number) => number | string | undefined {
  if (by === 'name') return (index) => `${columns[index]!.name} ${columns[index]!.revision}`
  if (by === 'price') return (index) => columns[index]!.price?.minor
  const row = rows.find(({ key }) => key === by)
  if (!row) {
    return (index) => {
      const { value, veto, coverage } = columns[index]!.score
      if (value === undefined) return undefined
      return value - (coverage < rankedFrom ? 2000 : 0) - (veto ? 1000 : 0)
    }
  }
  return (index) => {
    const cell = row.cells[index]!
    if (cell.state === 'number') return cell.value
    if (cell.state === 'words') return cell.points ?? cell.text
    return cell.state === 'openings'
      ? cell.groups.reduce((sum, { count, width }) => sum + count * width ** 2, 0)
      : undefined
  }
}
