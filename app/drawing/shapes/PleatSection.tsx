import { colourOf, palette } from '../palette.ts'
import { outlined, type ShapeProps } from './outline.ts'

export function PleatSection({ data, scale }: ShapeProps) {
  const { element, pleats, core, states } = data
  const outer = element.od / 2
  const inner = element.id / 2
  const known = states.pleats.known
  const t = pleats.thickness
  const tip = outer - t / 2
  const root = inner + t / 2
  const points = Array.from({ length: pleats.count * 2 }, (_, index) => {
    const angle = (index / (pleats.count * 2)) * 2 * Math.PI - Math.PI / 2
    const radius = index % 2 ? root : tip
    return `${(radius * Math.cos(angle)).toFixed(2)},${(radius * Math.sin(angle)).toFixed(2)}`
  })
  return (
    <g style={{ color: palette.chalk }}>
      <circle r={outer} {...outlined(false, scale, 'none')} strokeOpacity={0.6} />
      {known && (
        <polygon
          points={points.join(' ')}
          fill="none"
          stroke={colourOf(palette.media, pleats.media, palette.media.cellulose)}
          strokeWidth={Math.max(t, 0.7 / scale)}
          strokeLinejoin="round"
        />
      )}
      {core.type !== 'none' && (
        <circle
          r={inner - 0.6}
          {...outlined(states.core.known, scale, 'none')}
          stroke={states.core.known ? palette.core : palette.faint}
          strokeWidth={states.core.known ? 1.2 : 1.2 / scale}
        />
      )}
    </g>
  )
}
