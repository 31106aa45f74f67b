import { palette } from '../palette.ts'
import { outlined, type ShapeProps } from './outline.ts'

/** The can in section, as thick as measured. */
export function Can({ data, scale }: ShapeProps) {
  const { can, states } = data
  const left = -can.height / 2
  const right = can.height / 2
  const half = can.diameter / 2
  const wall = Math.max(can.wall, 1.4 / scale)
  const dome = Math.min(13, can.height / 4)
  const outline = (inset: number) =>
    `M${left} ${-half + inset} H${right - dome} Q${right - inset} ${-half + inset + 2} ${right - inset} 0 ` +
    `Q${right - inset} ${half - inset - 2} ${right - dome} ${half - inset} H${left}`
  return (
    <g style={{ color: palette.chalk }}>
      {states.can.known ? (
        <path d={outline(wall / 2)} fill="none" stroke={palette.steel} strokeWidth={wall} />
      ) : (
        <path d={outline(0)} {...outlined(false, scale, 'none')} />
      )}
    </g>
  )
}
