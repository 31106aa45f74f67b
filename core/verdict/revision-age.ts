/** A revision of a product that is judged. */
interface JudgedRevision {
  id: string
  productId: string
  revisionId: string
}

/**
 * The newest revision of the same product that has been seen, where there is a newer one than this.
 *
 * @param columns of the line-up, the older revision of a product before the newer
 * @param id of one of them
 * @example
 * newerRevision([{ id: 'x', productId: 'p', revisionId: 'x' }, { id: 'y', productId: 'p', revisionId: 'y' }], 'x')?.id
 * // => 'y'
 */
export function newerRevision<Column extends JudgedRevision>(
  columns: readonly Column[],
  id: string,
): Column | undefined {
  const at = columns.findIndex((column) => column.id === id)
  const own = columns[at]
  return columns.slice(at + 1).findLast((column) => {
    return column.productId === own?.productId && column.revisionId !== own.revisionId
  })
}
