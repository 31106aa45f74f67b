import type { CSSProperties } from 'react'
import type { Columns } from './useColumns.ts'

/** Width of the names of the rows, and of a pinned column, px. */
const namesWidth = 228
const pinnedWidth = 160

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
