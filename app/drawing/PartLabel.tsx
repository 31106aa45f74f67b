import { palette } from './palette.ts'
import type { PlacedLabel } from './labels.ts'

interface Props {
  /** Middle of the part, and where the drawing of it ends. */
  middle: number
  bottom: number
  spot: PlacedLabel
  label: string
  caption: string
  isNow: boolean
}

/** The name of a part with its caption; a line leads to it where it could not stand below. */
export function PartLabel({ middle, bottom, spot, label, caption, isNow }: Props) {
  return (
    <g>
      {spot.row > 0 && (
        <path
          d={`M${middle} ${bottom + 6} V${bottom + 16} L${spot.x} ${bottom + 22 + spot.row * 34 - 8}`}
          fill="none"
          stroke={palette.faint}
          strokeWidth={0.8}
          opacity={0.7}
        />
      )}
      <text
        x={spot.x}
        y={bottom + 24 + spot.row * 35}
        textAnchor="middle"
        fontFamily="'Barlow Condensed', 'Arial Narrow', sans-serif"
        fontSize={15}
        fontWeight={600}
        letterSpacing={0.6}
        fill={isNow ? palette.now : palette.chalk}
      >
        {label.toUpperCase()}
      </text>{' '}
      <text
        x={spot.x}
        y={bottom + 39 + spot.row * 35}
        textAnchor="middle"
        fontFamily="'Public Sans', sans-serif"
        fontSize={12}
        fill={isNow ? palette.now : palette.faint}
      >
        {caption}
      </text>
    </g>
  )
}
