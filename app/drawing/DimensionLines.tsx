import { AcrossLine } from './AcrossLine.tsx'
import type { DrawingData } from './data.ts'
import { DimensionLine } from './DimensionLine.tsx'
import { acrossSize, formatDrawnLength, heightSize } from './dimensions.ts'
import type { Layout } from './LyingPart.tsx'
import { heightOf, type Slot } from './slots.tsx'

interface Props {
  slots: (Slot & { middle: number })[]
  data: DrawingData
  layout: Layout
  /** Symbol of the unit. */
  unit: string
}

/** The heights of can and element, above them. */
export const HeightLines = ({ slots, data, layout: { scale, axis }, unit }: Props) =>
  slots.map(({ part, middle, length }) => {
    const size = heightSize(part, data)
    if (!size) return null
    return (
      <DimensionLine
        key={part}
        from={middle - (length * scale) / 2}
        to={middle + (length * scale) / 2}
        y={axis - (heightOf(part, data) * scale) / 2 - 12}
        text={formatDrawnLength(size, unit)}
        half={size.half * scale}
      />
    )
  })

const seenEndOn = new Set(['plate', 'pleats', 'oring'])

/** The lengths across every part, on it. */
export const AcrossLines = ({ slots, data, layout: { scale, axis }, unit }: Props) =>
  slots.map(({ part, middle, length }) => {
    const size = acrossSize(part, data)
    if (!size) return null
    return (
      <AcrossLine
        key={part}
        x={middle + (seenEndOn.has(part) ? 0 : (length * scale) / 2 - 10)}
        half={(size.mm * scale) / 2}
        axis={axis}
        text={`${size.sign} ${formatDrawnLength(size, unit)}`}
        doubt={size.half * scale}
      />
    )
  })
