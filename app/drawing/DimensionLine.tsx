import { palette } from './palette.ts'

interface Props {
  from: number
  to: number
  y: number
  text: string
  /** By so much either end may be off, px. */
  half: number
}

/** A length along the axis, above its part. */
export function DimensionLine({ from, to, y, text, half }: Props) {
  return (
    <g stroke={palette.chalk} strokeWidth={1} aria-hidden>
      <path d={`M${from} ${y}H${to}M${from} ${y - 4}v8M${to} ${y - 4}v8`} fill="none" />
      {half > 0 && (
        <path d={`M${from - half / 2} ${y}h${half}M${to - half / 2} ${y}h${half}`} strokeWidth={7} opacity={0.45} />
      )}
      <text
        x={(from + to) / 2}
        y={y - 6}
        textAnchor="middle"
        fontFamily="'Public Sans', sans-serif"
        fontSize={12}
        fill={palette.chalk}
        stroke="none"
      >
        {text}
      </text>
    </g>
  )
}
