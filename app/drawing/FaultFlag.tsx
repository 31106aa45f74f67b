import { palette } from './palette.ts'

/** Marks a part with a serious fault. */
export function FaultFlag({ x, y, words }: { x: number; y: number; words: string }) {
  return (
    <g>
      <title>{words}</title>
      <path
        d={`M${x} ${y + 26}V${y}l18 6-18 6`}
        fill={palette.fault}
        stroke={palette.fault}
        strokeWidth={1.5}
        strokeLinejoin="round"
      />
    </g>
  )
}
