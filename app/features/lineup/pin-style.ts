import type { CSSProperties } from 'react'
import type { Columns } from './useColumns.ts'

/** Widths of the names of the rows, of a column, and of one that is pinned, px. */
export const namesWidth = 228
export const columnWidth = 142
export const pinnedWidth = 160

/** A pinned column stays beside the names of the rows. */
export function pinStyle({ pinned, hidden }: Columns, id: string, zIndex = 1): CSSProperties | undefined {
  const place = pinned.filter((one) => !hidden.has(one)).indexOf(id)
  if (place < 0) return undefined
  return {
    position: 'sticky',
    left: namesWidth + place * pinnedWidth,
    width: pinnedWidth,
    minWidth: pinnedWidth,
    zIndex,
    borderRight: '1px solid var(--line-strong)',
  }
}
