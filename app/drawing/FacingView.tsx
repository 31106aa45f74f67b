import * as texts from '#app/texts/drawing.ts'
import type { DrawingData, MeasuredSize } from './data.ts'
import type { DrawnPart } from '#core/figures/part-captions.ts'
import { formatDrawnLength, heightSize } from './dimensions.ts'
import { palette } from './palette.ts'
import { arrangeSlots, heightOf, middles, totalLength, type Slot } from './slots.tsx'

interface Side {
  name: string
  data: DrawingData
}

interface Props {
  a: Side
  b: Side
  width: number
  height: number
  unit: 'mm' | 'in'
  title: string
}

/** Room for the names at the left, px, and the letters that it holds. */
const [nameRoom, longestName] = [170, 20]

const labelFont = "'Barlow Condensed', 'Arial Narrow', sans-serif"
const textFont = "'Public Sans', sans-serif"

/** A part of both, in pixels along the axis. */
interface FacingPart {
  part: DrawnPart
  label: string
  middle: number
}

/** Two filters on one axis and to one scale: the half of the one above it, that of the other mirrored below. */
export function FacingView({ a, b, width, height, unit, title }: Props) {
  const { parts, scale } = layOut(a.data, b.data, width, height)
  const axis = height / 2
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
      <Half
        side={a}
        parts={parts}
        scale={scale}
        axis={axis}
        clip="upper-half"
        nameAt={axis - 12}
        lengthsAt={34}
        unit={unit}
      />
      <Half
        side={b}
        parts={parts}
        scale={scale}
        axis={axis}
        clip="lower-half"
        nameAt={axis + 24}
        lengthsAt={height - 10}
        unit={unit}
      />
      <line x1={0} x2={width} y1={axis} y2={axis} stroke={palette.chalk} strokeDasharray="14 4 3 4" strokeWidth={1} />
      {parts.map(({ part, label, middle }) => (
        <text
          key={part}
          x={middle}
          y={18}
          textAnchor="middle"
          fontFamily={labelFont}
          fontSize={13}
          fontWeight={600}
          letterSpacing={0.5}
          fill={palette.chalk}
        >
          {label}
        </text>
      ))}
    </svg>
  )
}

interface HalfProps {
  side: Side
  parts: FacingPart[]
  scale: number
  axis: number
  /** Id of the clip that leaves this half alone. */
  clip: string
  nameAt: number
  lengthsAt: number
  unit: 'mm' | 'in'
}

/** One filter, cut off at the axis, with its name and its lengths. */
function Half({ side: { name, data }, parts, scale, axis, clip, nameAt, lengthsAt, unit }: HalfProps) {
  const slots = new Map(arrangeSlots(data).map((slot) => [slot.part, slot]))
  return (
    <g>
      <g clipPath={`url(#${clip})`}>
        {parts.map(({ part, middle }) => (
          <g
            key={part}
            transform={`translate(${middle} ${axis}) scale(${scale})`}
            opacity={data.states[part].known ? 1 : 0.7}
          >
            {slots.get(part)?.draw(scale)}
          </g>
        ))}
      </g>
      <text x={14} y={nameAt} fontFamily={labelFont} fontSize={18} fontWeight={600} fill={palette.chalk}>
        {name.length > longestName ? `${name.slice(0, longestName - 1)}…` : name}
      </text>
      {parts.map(({ part, middle }) => {
        const size = facingSize(part, data)
        if (!size || !slots.has(part)) return null
        return (
          <text
            key={part}
            x={middle}
            y={lengthsAt}
            textAnchor="middle"
            fontFamily={textFont}
            fontSize={12}
            fill={palette.faint}
          >
            {part === 'pleats' || part === 'plate' ? '⌀ ' : ''}
            {formatDrawnLength(size, unit)}
          </text>
        )
      })}
    </g>
  )
}

/** Where every part of both lies, and at which scale all of them fit. */
function layOut(a: DrawingData, b: DrawingData, width: number, height: number) {
  const [upper, lower] = [arrangeSlots(a), arrangeSlots(b)]
  const slots = [...upper, ...lower]
  const parts = [...new Set(slots.map(({ part }) => part))].sort(
    (p, q) => order(p, upper, lower) - order(q, upper, lower),
  )
  const slotsOf = (part: DrawnPart) => slots.filter((slot) => slot.part === part)
  const lengths = parts.map((part) => Math.max(...slotsOf(part).map(({ length }) => length)))
  const tallest = Math.max(...parts.flatMap((part) => [heightOf(part, a), heightOf(part, b)]))
  const scale = Math.min((width - nameRoom - 40) / totalLength(lengths), (height - 86) / tallest)
  const start = nameRoom + (width - nameRoom - totalLength(lengths) * scale) / 2
  const at = middles(lengths)
  return {
    scale,
    parts: parts.map((part, index): FacingPart => {
      const label = shortLabel(slotsOf(part)[0]?.label ?? '')
      return { part, label, middle: start + (at[index] ?? 0) * scale }
    }),
  }
}

const shortLabel = (label: string): string =>
  label.replace(texts.endOn, '').replace(texts.drainBackValve, texts.valve).toUpperCase()

/** The size that is said of a part: its height, or across where it is seen from its end; only what was measured. */
const facingSize = (part: DrawnPart, data: DrawingData): MeasuredSize | undefined =>
  part === 'pleats' ? data.sizes['element.od'] : part === 'plate' ? data.sizes['can.diameter'] : heightSize(part, data)

/** Where a part lies on the mat: as the upper has it, else as the lower. */
function order(part: DrawnPart, upper: readonly Slot[], lower: readonly Slot[]): number {
  const above = upper.findIndex((slot) => slot.part === part)
  return above >= 0 ? above : lower.findIndex((slot) => slot.part === part) - 0.5
}
