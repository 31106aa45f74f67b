import { AcrossLine } from './AcrossLine.tsx'
import type { DrawingData } from './data.ts'
import { DimensionLine } from './DimensionLine.tsx'
import { diameters, formatDrawnLength } from './dimensions.ts'
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
    const height = part === 'can' ? data.can.height : part === 'element' ? data.element.height : undefined
    if (height === undefined || !data.states[part].known) return null
    return (
      <DimensionLine
        key={part}
        from={middle - (length * scale) / 2}
        to={middle + (length * scale) / 2}
        y={axis - (heightOf(part, data) * scale) / 2 - 12}
        text={formatDrawnLength(height, unit)}
      />
    )
  })

const seenEndOn = new Set(['plate', 'pleats', 'oring'])

/** The lengths across every part, on it. */
export const AcrossLines = ({ slots, data, layout: { scale, axis }, unit }: Props) =>
  slots.flatMap(({ part, middle, length }) =>
    data.states[part].known
      ? diameters(part, data).map(({ mm, sign }, index) => (
          <AcrossLine
            key={`${part}${sign}`}
            x={middle + (seenEndOn.has(part) ? 0 : (length * scale) / 2 - 10 - index * 14)}
            half={(mm * scale) / 2}
            axis={axis}
            text={`${sign} ${formatDrawnLength(mm, unit)}`}
          />
        ))
      : [],
  )
