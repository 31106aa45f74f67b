import { palette } from './palette.ts'

interface Props {
  x: number
  half: number
  axis: number
  text: string
  /** By so much either end may be off, px. */
  doubt: number
}

/** A length across the axis, on its part. */
export function AcrossLine({ x, half, axis, text, doubt }: Props) {
  return (
    <g stroke={palette.now} strokeWidth={1} aria-hidden>
      <path d={`M${x} ${axis - half}V${axis + half}M${x - 4} ${axis - half}h8M${x - 4} ${axis + half}h8`} fill="none" />
      {doubt > 0 && (
        <path
          d={`M${x} ${axis - half - doubt / 2}v${doubt}M${x} ${axis + half - doubt / 2}v${doubt}`}
          strokeWidth={7}
          opacity={0.45}
        />
      )}
      <rect
        x={x - text.length * 3.3 - 4}
        y={axis - 9}
        width={text.length * 6.6 + 8}
        height={18}
        fill={palette.mat}
        stroke="none"
        opacity={0.85}
      />
      <text
        x={x}
        y={axis + 4}
        textAnchor="middle"
        fontFamily="'Public Sans', sans-serif"
        fontSize={12}
        fill={palette.now}
        stroke="none"
      >
        {text}
      </text>
    </g>
  )
}
