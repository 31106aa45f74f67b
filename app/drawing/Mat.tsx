import * as texts from '#app/texts/drawing.ts'
import { palette } from './palette.ts'

/** The cutting mat: squares of a centimetre. */
export function Mat({
  width,
  height,
  scale,
  legend,
}: {
  width: number
  height: number
  scale: number
  legend: boolean
}) {
  const step = 10 * scale
  const lines = (most: number, vertical: boolean) =>
    Array.from({ length: Math.floor(most / step) }, (_, index) => {
      const at = (index + 1) * step
      const strong = (index + 1) % 5 === 0
      return (
        <path
          key={`${vertical}${index}`}
          d={vertical ? `M${at} 0V${height}` : `M0 ${at}H${width}`}
          stroke={strong ? palette.gridStrong : palette.grid}
          strokeWidth={strong ? 1 : 0.6}
        />
      )
    })
  return (
    <g>
      <rect width={width} height={height} fill={palette.mat} />
      {lines(width, true)}
      {lines(height, false)}
      {legend && (
        <text x={10} y={18} fontSize={11} fontFamily="'Public Sans', sans-serif" fill={palette.faint}>
          {texts.oneSquare10Mm}
        </text>
      )}
    </g>
  )
}
