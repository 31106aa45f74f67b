import { colourOf, palette } from '../palette.ts'
import { CoreOpenings } from './CoreOpenings.tsx'
import { outlined, type ShapeProps } from './outline.ts'

/** The element from the side: caps, pack and centre tube. */
export function ElementSide({ data, scale }: ShapeProps) {
  const { element, states, core, pleats } = data
  const { od, id, height, caps } = element
  const cap = caps === 'fibre' ? 2.6 : caps === 'moulded' ? 3.2 : caps === 'none' ? 0 : 1.4
  const inside = height - 2 * cap
  const known = states.element.known
  const media = colourOf(palette.media, pleats.media, palette.media.cellulose)
  const lines = Math.max(4, Math.min(14, Math.round(pleats.count / 5)))
  const band = (od - id) / 2
  return (
    <g style={{ color: palette.steelDark }}>
      {[-1, 1].map((side) => (
        <g key={side}>
          <rect
            x={-inside / 2}
            y={side < 0 ? -od / 2 : id / 2}
            width={inside}
            height={band}
            {...outlined(known && states.pleats.known, scale, media)}
          />
          {known &&
            states.pleats.known &&
            Array.from({ length: lines }, (_, index) => {
              const y = side * (od / 2 - ((index + 0.5) * band) / lines)
              return (
                <line
                  key={index}
                  x1={-inside / 2}
                  x2={inside / 2}
                  y1={y}
                  y2={y}
                  stroke="#8d7b45"
                  strokeOpacity={0.5}
                  strokeWidth={0.7 / scale}
                />
              )
            })}
        </g>
      ))}
      {core.type !== 'none' && (
        <rect
          x={-inside / 2}
          y={-id / 2}
          width={inside}
          height={id}
          {...outlined(states.core.known, scale, palette.core)}
        />
      )}
      {states.core.known && <CoreOpenings type={core.type} length={inside} width={id} scale={scale} />}
      {cap > 0 &&
        [-1, 1].map((side) => (
          <rect
            key={side}
            x={side < 0 ? -height / 2 : height / 2 - cap}
            y={-od / 2 - 0.8}
            width={cap}
            height={od + 1.6}
            rx={0.8}
            {...outlined(known, scale, colourOf(palette.cap, caps, palette.steel))}
          />
        ))}
    </g>
  )
}
