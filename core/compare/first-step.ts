/** A product of a line-up, as it is chosen from. */
interface NamedProduct {
  id: string
  name: string
}

/** A column of a line-up: whose it is, and whether something was recorded of it. */
interface StartedColumn {
  productId: string
  /** The specimen that the column opens to. */
  specimenId: string
  name: string
  /** Share of its characteristics that are known, 0 to 1. */
  completeness: number
}

/** What comes next before filters can be told apart: a first or second product, a specimen of one, a reading of it. */
export type FirstStep =
  | { kind: 'product'; isFirst: boolean }
  | { kind: 'specimen'; product: string; name: string }
  | { kind: 'reading'; specimen: string; name: string }

/**
 * The one step that leads on where fewer than two filters have something recorded: what lies at hand is read before
 * another is opened, and what is listed is opened before another is listed.
 *
 * @param products of the line-up
 * @param columns of the line-up; a product has one for each revision that was opened
 * @returns undefined when two have something recorded
 * @example firstStep([], []) // => { kind: 'product', isFirst: true }
 */
export function firstStep(products: readonly NamedProduct[], columns: readonly StartedColumn[]): FirstStep | undefined {
  if (columns.filter(({ completeness }) => completeness > 0).length >= 2) return undefined
  const unread = columns.find(({ completeness }) => completeness === 0)
  if (unread) return { kind: 'reading', specimen: unread.specimenId, name: unread.name }
  const unopened = products.find(({ id }) => !columns.some(({ productId }) => productId === id))
  if (unopened) return { kind: 'specimen', product: unopened.id, name: unopened.name }
  return { kind: 'product', isFirst: products.length === 0 }
}
