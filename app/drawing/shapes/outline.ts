import type { DrawingData } from '../data.ts'
import { palette } from '../palette.ts'

/**
 * Shapes are drawn round the origin in millimetres. Lines are given in pixels and divided by the scale, so
 * that they look the same in a thumbnail and on the bench. A part that is not known is an outline.
 */
export interface ShapeProps {
  data: DrawingData
  scale: number
}

/** How a part is drawn: filled when it is known, dashed when it is not. */
export const outlined = (known: boolean, scale: number, fill: string) =>
  known
    ? { fill, stroke: 'currentColor', strokeWidth: 1.2 / scale }
    : { fill: 'none', stroke: palette.faint, strokeWidth: 1.2 / scale, strokeDasharray: dashes(scale) }

/** Dashes of what is not known. */
export const dashes = (scale: number): string => `${4 / scale} ${3 / scale}`
