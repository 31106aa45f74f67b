import * as texts from '#app/texts/line-up.ts'
/** A column by brand, part number and revision. */
export const columnName = (column: { name: string; revision: string } | undefined): string =>
  [column?.name ?? texts.aProductThatIsGone, column?.revision].filter(Boolean).join(' ')

/** What a revision is called: the first one may have no name. */
export const revisionName = (label: string): string => label || texts.firstRevision

/** Names of columns by id. */
export function columnNames(
  columns: readonly { id: string; name: string; revision: string }[],
): (id: string) => string {
  const names = new Map(columns.map((column) => [column.id, columnName(column)]))
  return (id) => names.get(id) ?? columnName(undefined)
}
