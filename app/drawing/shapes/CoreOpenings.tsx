import type { ReactNode } from 'react'
import { palette } from '../palette.ts'

/** The openings of the centre tube, by its build. */
export function CoreOpenings({
  type,
  length,
  width,
  scale,
}: {
  type: string
  length: number
  width: number
  scale: number
}) {
  const fill = palette.hole
  const grid = (columns: number, rows: number, draw: (x: number, y: number, key: string) => ReactNode) =>
    Array.from({ length: columns * rows }, (_, index) => {
      const column = index % columns
      const row = Math.floor(index / columns)
      return draw(
        -length / 2 + ((column + 0.5) * length) / columns,
        -width / 2 + ((row + 0.5) * width) / rows,
        `${column}-${row}`,
      )
    })
  switch (type) {
    case 'louvred':
      return (
        <g fill={fill}>
          {grid(7, 4, (x, y, key) => (
            <rect key={key} x={x - 2.4} y={y - 0.6} width={4.8} height={1.2} rx={0.5} />
          ))}
        </g>
      )
    case 'cage':
      return (
        <g fill={fill}>
          {grid(5, 2, (x, y, key) => (
            <rect key={key} x={x - length / 13} y={y - width / 5.5} width={length / 6.5} height={width / 2.75} rx={1} />
          ))}
        </g>
      )
    case 'perforated':
      return (
        <g fill={fill}>
          {grid(8, 4, (x, y, key) => (
            <circle key={key} cx={x} cy={y} r={1.4} />
          ))}
        </g>
      )
    case 'spiral':
      return (
        <g>
          <g stroke={palette.steelDark} strokeWidth={1.4 / scale}>
            {[-0.42, -0.08, 0.26].map((at) => (
              <line key={at} x1={at * length} x2={(at + 0.2) * length} y1={-width / 2} y2={width / 2} />
            ))}
          </g>
          <g fill={fill}>
            {grid(8, 4, (x, y, key) => (
              <circle key={key} cx={x} cy={y} r={1.2} />
            ))}
          </g>
        </g>
      )
    default:
      return null
  }
}
