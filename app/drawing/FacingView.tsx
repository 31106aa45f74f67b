import { formatQuantity } from '#core/quantity/format.ts'
import type { DrawingData, DrawnPart } from './data.ts'
import { heightOf, layOut } from './ExplodedView.tsx'
import { palette } from './palette.ts'

interface Props {
  a: { name: string; data: DrawingData }
  b: { name: string; data: DrawingData }
  width: number
  height: number
  unit: 'mm' | 'in'
  title: string
}

const gapMm = 9
const label = "'Barlow Condensed', 'Arial Narrow', sans-serif"
const text = "'Public Sans', sans-serif"

/** Two filters on one axis and to one scale: the half of the one above it, that of the other mirrored below. */
export function FacingView({ a, b, width, height, unit, title }: Props) {
  const [upper, lower] = [layOut(a.data), layOut(b.data)]
  const parts = [...new Set([...upper, ...lower].map(({ part }) => part))].sort(
    (p, q) => order(p, upper, lower) - order(q, upper, lower),
  )
  const lengths = parts.map((part) =>
    Math.max(...[upper, lower].map((slots) => slots.find((slot) => slot.part === part)?.length ?? 0)),
  )
  const total = lengths.reduce((sum, one) => sum + one, 0) + gapMm * (parts.length - 1)
  const tallest = Math.max(...parts.flatMap((part) => [heightOf(part, a.data), heightOf(part, b.data)]))
  const scale = Math.min((width - 60) / total, (height - 92) / tallest)
  const axis = height / 2
  const start = (width - total * scale) / 2
  const middles = parts.map(
    (_, index) =>
      start + (lengths.slice(0, index).reduce((sum, one) => sum + one + gapMm, 0) + lengths[index]! / 2) * scale,
  )
  const size = (data: DrawingData, part: DrawnPart) =>
    part === 'can'
      ? data.can.height
      : part === 'element'
        ? data.element.height
        : part === 'pleats'
          ? data.element.od
          : part === 'plate'
            ? data.can.diameter
            : undefined

  return (
    <svg viewBox={`0 0 ${width} ${height}`} width="100%" role="img" aria-label={title} style={{ display: 'block' }}>
      <defs>
        <clipPath id="upper-half">
          <rect x={0} y={0} width={width} height={axis} />
        </clipPath>
        <clipPath id="lower-half">
          <rect x={0} y={axis} width={width} height={height - axis} />
        </clipPath>
      </defs>
      <rect width={width} height={height} fill={palette.mat} />
      {[
        { slots: upper, data: a.data, clip: 'url(#upper-half)', name: a.name, at: 22, dims: 34 },
        { slots: lower, data: b.data, clip: 'url(#lower-half)', name: b.name, at: height - 12, dims: height - 30 },
      ].map(({ slots, data, clip, name, at, dims }) => (
        <g key={name + clip}>
          <g clipPath={clip}>
            {parts.map((part, index) => {
              const slot = slots.find((one) => one.part === part)
              if (!slot) return null
              return (
                <g
                  key={part}
                  transform={`translate(${middles[index]} ${axis}) scale(${scale})`}
                  opacity={data.states[part].known ? 1 : 0.7}
                >
                  {slot.draw(scale)}
                </g>
              )
            })}
          </g>
          <text x={14} y={at} fontFamily={label} fontSize={18} fontWeight={600} fill={palette.chalk}>
            {name}
          </text>
          {parts.map((part, index) => {
            const mm = size(data, part)
            if (mm === undefined || !data.states[part].known || !slots.some((one) => one.part === part)) return null
            return (
              <text
                key={part}
                x={middles[index]}
                y={dims}
                textAnchor="middle"
                fontFamily={text}
                fontSize={12}
                fill={palette.faint}
              >
                {part === 'pleats' || part === 'plate' ? '⌀ ' : ''}
                {formatQuantity(mm / 1000, unit, unit === 'mm' ? 1 : 2)}
              </text>
            )
          })}
        </g>
      ))}
      <line x1={0} x2={width} y1={axis} y2={axis} stroke={palette.chalk} strokeDasharray="14 4 3 4" strokeWidth={1} />
      {parts.map((part, index) => (
        <g key={part}>
          <rect
            x={middles[index]! - 34}
            y={axis - 9}
            width={68}
            height={18}
            rx={4}
            fill={palette.hole}
            opacity={0.85}
          />
          <text
            x={middles[index]}
            y={axis + 5}
            textAnchor="middle"
            fontFamily={label}
            fontSize={13}
            fontWeight={600}
            letterSpacing={0.5}
            fill={palette.chalk}
          >
            {([...upper, ...lower].find((slot) => slot.part === part)?.label ?? '')
              .replace(', end on', '')
              .replace('Drain-back valve', 'Valve')
              .toUpperCase()}
          </text>
        </g>
      ))}
    </svg>
  )
}

/** Where a part lies on the mat: as the upper has it, else as the lower. */
function order(part: DrawnPart, upper: readonly { part: DrawnPart }[], lower: readonly { part: DrawnPart }[]): number {
  const above = upper.findIndex((slot) => slot.part === part)
  if (above >= 0) return above
  return lower.findIndex((slot) => slot.part === part) - 0.5
}
