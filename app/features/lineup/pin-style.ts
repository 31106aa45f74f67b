import type { CSSProperties } from 'react'
import type { Columns } from './useColumns.ts'

/** Widths of the names of the rows, of a column, plain or with what is uncertain, and of one that is pinned, px. */
export const namesWidth = 228
export const columnWidths = { plain: 142, uncertain: 172 }
export const pinnedWidth = 160

/** A pinned column stays beside the names of the rows; the same style each time, so that no cell is drawn for it. */
export function pinStyle({ pinned, hidden }: Columns, id: string, zIndex = 1): CSSProperties | undefined {
  const place = pinned.filter((one) => !hidden.has(one)).indexOf(id)
  if (place < 0) return undefined
  const key = `${place} ${zIndex}`
  const style = styles.get(key) ?? styleAt(place, zIndex)
  styles.set(key, style)
  return style
}

const styles = new Map<string, CSSProperties>()

const styleAt = (place: number, zIndex: number): CSSProperties => ({
  position: 'sticky',
  left: namesWidth + place * pinnedWidth,
  width: pinnedWidth,
  minWidth: pinnedWidth,
  zIndex,
  borderRight: '1px solid var(--line-strong)',
})
