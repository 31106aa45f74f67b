import type { DrawingData } from './data.ts'
import type { DrawnPart } from '#core/figures/part-captions.ts'
import { AcrossLines, HeightLines } from './DimensionLines.tsx'
import { placeLabels } from './labels.ts'
import { LyingPart, type Layout } from './LyingPart.tsx'
import { Mat } from './Mat.tsx'
import { palette } from './palette.ts'
import { arrangeSlots, heightOf, middles, totalLength } from './slots.tsx'

interface Props {
  data: DrawingData
  /** Size in pixels of the drawing's own grid; it scales with its box. */
  width: number
  height: number
  /** Part whose reading is up. */
  now?: DrawnPart | undefined
  onSelect?: (part: DrawnPart) => void
  labels?: boolean
  dimensions?: boolean
  /** Dimension lines across the parts as well. */
  measured?: boolean
  /** Symbol of the unit of dimension lines. */
  unit?: string
  /** Filters that are drawn beside it, to one scale with it. */
  beside?: readonly DrawingData[]
  title: string
}

const margin = 22

/** A filter taken apart along its axis, to scale, on a cutting mat. */
export function ExplodedView({
  data,
  width,
  height,
  now,
  onSelect,
  labels = true,
  dimensions = true,
  measured = false,
  unit = 'mm',
  beside = [],
  title,
}: Props) {
  const room = { width, height, labels, dimensions }
  const scale = Math.min(...[data, ...beside].map((one) => largestScale(one, room)))
  const { slots, layout } = layOut(data, room, scale)
  const boxes = slots.map(({ middle, label, part }) => ({
    x: middle,
    width: Math.max(label.length * 8, data.states[part].caption.length * 6.1) + 6,
  }))
  const spots = labels ? placeLabels(boxes, [6, width - 6], 2) : []
  const lines = { slots, data, layout, unit }
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      role={onSelect ? 'group' : 'img'}
      aria-label={title}
      xmlns="http://www.w3.org/2000/svg"
      style={{ display: 'block' }}
    >
      <Mat width={width} height={height} scale={layout.scale} legend={labels} />
      <line
        x1={margin / 2}
        x2={width - margin / 2}
        y1={layout.axis}
        y2={layout.axis}
        stroke={palette.faint}
        strokeDasharray="14 4 3 4"
        opacity={0.5}
      />
      {slots.map((slot, index) => (
        <LyingPart
          key={slot.part}
          slot={slot}
          data={data}
          layout={layout}
          isNow={slot.part === now}
          spot={spots[index]}
          onSelect={onSelect}
        />
      ))}
      {dimensions && <HeightLines {...lines} />}
      {measured && <AcrossLines {...lines} />}
    </svg>
  )
}

interface Room {
  width: number
  height: number
  labels: boolean
  dimensions: boolean
}

/** Room above and below the parts. */
const roomAround = ({ labels, dimensions }: Room) => [dimensions ? 40 : 12, labels ? 84 : 12] as const

/** At which scale all parts fit. */
function largestScale(data: DrawingData, room: Room): number {
  const slots = arrangeSlots(data)
  const [above, below] = roomAround(room)
  const tallest = Math.max(...slots.map(({ part }) => heightOf(part, data)))
  const length = totalLength(slots.map((slot) => slot.length))
  return Math.min((room.width - 2 * margin) / length, (room.height - below - above) / tallest)
}

/** Where every part lies at a scale. */
function layOut(data: DrawingData, room: Room, scale: number) {
  const { width, height } = room
  const slots = arrangeSlots(data)
  const lengths = slots.map(({ length }) => length)
  const tallest = Math.max(...slots.map(({ part }) => heightOf(part, data)))
  const [above, below] = roomAround(room)
  const start = (width - totalLength(lengths) * scale) / 2
  const axis = above + (height - above - below) / 2
  const layout: Layout = { scale, axis, top: above, bottom: axis + (tallest * scale) / 2 }
  const at = middles(lengths)
  return { layout, slots: slots.map((slot, index) => ({ ...slot, middle: start + (at[index] ?? 0) * scale })) }
}
