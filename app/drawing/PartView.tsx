import type { ExhibitPart } from '#core/catalogue/index.ts'
import type { DrawingData } from './data.ts'
import { Mat } from './Mat.tsx'
import { arrangeSlots, heightOf } from './slots.tsx'

interface Props {
  data: DrawingData
  part: ExhibitPart
  /** Pixels a millimetre; the same for parts that lie beside each other. */
  scale: number
  title: string
}

const margin = 14

/** Extent of one part along and across the axis, mm; undefined where a filter has none. */
export function extentOf(data: DrawingData, part: ExhibitPart): { along: number; across: number } | undefined {
  const slot = arrangeSlots(data).find((one) => one.part === part)
  return slot && { along: slot.length, across: heightOf(part, data) }
}

/** One part alone on the cutting mat, to scale. */
export function PartView({ data, part, scale, title }: Props) {
  const slot = arrangeSlots(data).find((one) => one.part === part)
  const extent = extentOf(data, part)
  if (!slot || !extent) return null
  const width = Math.max(90, extent.along * scale + 2 * margin)
  const height = extent.across * scale + 2 * margin
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width={width}
      height={height}
      role="img"
      aria-label={title}
      style={{ display: 'block', borderRadius: 8, maxWidth: '100%', height: 'auto' }}
    >
      <Mat width={width} height={height} scale={scale} legend={false} />
      <g transform={`translate(${width / 2} ${height / 2}) scale(${scale})`}>{slot.draw(scale)}</g>
    </svg>
  )
}
