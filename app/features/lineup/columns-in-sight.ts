import { createContext } from 'react'
import type { DrawnRange } from './drawn-range.ts'

/** Which columns behind the pinned ones are drawn: only the cells of rows follow it, not the rows. */
export const ColumnsInSight = createContext<DrawnRange>({ from: 0, to: 0 })
