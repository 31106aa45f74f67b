import { colourOf, palette } from '../palette.ts'
import { dashes, type ShapeProps } from './outline.ts'

/** The o-ring from above. */
export function ORing({ data, scale }: ShapeProps) {
  const { oring, states } = data
  const middle = oring.inside / 2 + oring.section / 2
  const known = states.oring.known
  return (
    <circle
      r={middle}
      fill="none"
      stroke={known ? colourOf(palette.rubberOf, oring.material, palette.rubber) : palette.faint}
      strokeWidth={known ? oring.section : 1.2 / scale}
      strokeDasharray={known ? undefined : dashes(scale)}
    />
  )
}
