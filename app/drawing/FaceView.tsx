import type { DrawnPart } from '#core/figures/part-captions.ts'
import type { DrawingData } from './data.ts'
import { FaultFlag } from './FaultFlag.tsx'
import { LyingPart, type Layout } from './LyingPart.tsx'
import { Mat } from './Mat.tsx'
import { arrangeSlots, heightOf, middles, totalLength } from './slots.tsx'

interface Props {
  data: DrawingData
  /** Size in pixels of the drawing's own grid; it scales with its box. */
  width: number
  height: number
  title: string
}

const margin = 10

const isFace = ({ part }: { part: DrawnPart }): boolean => part === 'plate' || part === 'oring' || part === 'pleats'

/**
 * A filter as it shows its faces: the base plate with its holes, or the O-ring, and the pleats end on. It can be read
 * where there is no room for all parts; a fault of another part is flagged in the corner.
 */
export function FaceView({ data, width, height, title }: Props) {
  const slots = arrangeSlots(data)
  const faces = slots.filter(isFace)
  const lengths = faces.map(({ length }) => length)
  const tallest = Math.max(...faces.map(({ part }) => heightOf(part, data)))
  const scale = Math.min((width - 2 * margin) / totalLength(lengths), (height - 2 * margin) / tallest)
  const start = (width - totalLength(lengths) * scale) / 2
  const at = middles(lengths)
  const layout: Layout = { scale, axis: height / 2, top: margin, bottom: height - margin }
  const elsewhere = slots.find((slot) => !isFace(slot) && data.states[slot.part].fault)
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      role="img"
      aria-label={title}
      xmlns="http://www.w3.org/2000/svg"
      style={{ display: 'block' }}
    >
      <Mat width={width} height={height} scale={scale} legend={false} />
      {faces.map((slot, index) => (
        <LyingPart
          key={slot.part}
          slot={{ ...slot, middle: start + (at[index] ?? 0) * scale }}
          data={data}
          layout={layout}
          isNow={false}
          spot={undefined}
          onSelect={undefined}
        />
      ))}
      {elsewhere && <FaultFlag x={width - 26} y={8} words={data.states[elsewhere.part].fault ?? ''} />}
    </svg>
  )
}
