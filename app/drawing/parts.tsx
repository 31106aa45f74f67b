import type { OpeningGroup } from '#core/teardown/openings.ts'
import type { DrawingData } from './data.ts'
import { palette } from './palette.ts'

/**
 * Parts drawn round the origin in millimetres. Lines are given in pixels and divided by the scale, so
 * that they look the same in a thumbnail and on the bench. A part that is not known is an outline.
 */
interface PartProps {
  data: DrawingData
  scale: number
}

const ghost = (known: boolean, scale: number, fill: string) =>
  known
    ? { fill, stroke: 'currentColor', strokeWidth: 1.2 / scale }
    : { fill: 'none', stroke: palette.faint, strokeWidth: 1.2 / scale, strokeDasharray: `${4 / scale} ${3 / scale}` }

export function PlateFace({ data, scale }: PartProps) {
  const { can, plate, gasket, states } = data
  const radius = can.diameter / 2
  const gasketOuter = radius - 2.2
  const gasketMiddle = gasketOuter - gasket.width / 2
  const inner = gasketOuter - gasket.width
  const pitchRadius = (plate.thread / 2 + inner) / 2
  return (
    <g style={{ color: palette.steelDark }}>
      <circle r={radius} {...ghost(states.plate.known, scale, palette.steel)} />
      <circle
        r={gasketMiddle}
        fill="none"
        stroke={states.gasket.known ? (palette.rubberOf[gasket.material] ?? palette.rubber) : palette.faint}
        strokeWidth={states.gasket.known ? gasket.width : 1 / scale}
        strokeDasharray={states.gasket.known ? undefined : `${4 / scale} ${3 / scale}`}
      />
      <circle r={plate.thread / 2} {...ghost(states.plate.known, scale, palette.hole)} />
      {states.plate.known && (
        <circle r={plate.thread / 2 + 0.8} fill="none" stroke={palette.steelDark} strokeWidth={0.8 / scale} />
      )}
      {spread(plate.inlets).map((hole, index, all) => {
        const angle = (index / all.length) * 360 - 90
        const width = hole.width * 1000
        const length = (hole.length ?? hole.width) * 1000
        return (
          <rect
            key={index}
            transform={`rotate(${angle}) translate(${pitchRadius} 0)`}
            x={-width / 2}
            y={-length / 2}
            width={width}
            height={length}
            rx={width / 2}
            {...ghost(states.plate.known, scale, palette.hole)}
          />
        )
      })}
    </g>
  )
}

/** Single holes in the order they lie round the plate: odd ones are spread among the others. */
function spread(groups: OpeningGroup[]): OpeningGroup[] {
  const sorted = [...groups].sort((a, b) => b.count - a.count)
  const [most, ...odd] = sorted
  if (!most) return []
  const ring: OpeningGroup[] = Array.from({ length: Math.min(most.count, 60) }, () => most)
  for (const hole of odd.flatMap((group) => Array.from({ length: Math.min(group.count, 20) }, () => group))) {
    ring.splice(Math.round(ring.length / Math.max(1, odd.length)) % (ring.length + 1), 0, hole)
  }
  return ring
}

export function Adbv({ data, scale }: PartProps) {
  const { adbv, element, states } = data
  const half = element.od / 2 - 3
  const fill = palette.rubberOf[adbv.material] ?? palette.silicone
  const t = Math.max(adbv.thickness, 1.2 / scale)
  const lip = `M${-t / 2} -9 L${-t / 2} ${-half + 8} Q${-t / 2 - 2.6} ${-half + 3} ${-t / 2 - 1.2} ${-half} L${t / 2 - 1.2} ${-half} Q${t / 2 - 2.2} ${-half + 3} ${t / 2} ${-half + 8} L${t / 2} -9 Z`
  const props = ghost(states.adbv.known, scale, fill)
  return (
    <g style={{ color: palette.chalk }}>
      <path d={lip} {...props} />
      <path d={lip} {...props} transform="scale(1 -1)" />
    </g>
  )
}

export function ElementSide({ data, scale }: PartProps) {
  const { element, states, core, pleats } = data
  const { od, id, height, caps } = element
  const cap = caps === 'fibre' ? 2.6 : caps === 'moulded' ? 3.2 : caps === 'none' ? 0 : 1.4
  const inside = height - 2 * cap
  const known = states.element.known
  const media = palette.media[pleats.media] ?? palette.media.cellulose!
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
            {...ghost(known && states.pleats.known, scale, media)}
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
          {...ghost(states.core.known, scale, palette.core)}
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
            {...ghost(known, scale, palette.cap[caps] ?? palette.steel)}
          />
        ))}
    </g>
  )
}

function CoreOpenings({ type, length, width, scale }: { type: string; length: number; width: number; scale: number }) {
  const fill = palette.hole
  const grid = (columns: number, rows: number, draw: (x: number, y: number, key: string) => React.ReactNode) =>
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

/** The pack seen end on: every pleat, as thick as measured, so that crowding shows. */
export function PleatSection({ data, scale }: PartProps) {
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
      <circle r={outer} {...ghost(false, scale, 'none')} strokeOpacity={0.6} />
      {known && (
        <polygon
          points={points.join(' ')}
          fill="none"
          stroke={palette.media[pleats.media] ?? palette.media.cellulose}
          strokeWidth={Math.max(t, 0.7 / scale)}
          strokeLinejoin="round"
        />
      )}
      {core.type !== 'none' && (
        <circle
          r={inner - 0.6}
          {...ghost(states.core.known, scale, 'none')}
          stroke={states.core.known ? palette.core : palette.faint}
          strokeWidth={states.core.known ? 1.2 : 1.2 / scale}
        />
      )}
    </g>
  )
}

export function Bypass({ data, known, scale }: PartProps & { known: boolean }) {
  const { build } = data.bypass
  const props = ghost(known, scale, palette.steel)
  return (
    <g style={{ color: palette.chalk }}>
      <rect x={-4.5} y={-9} width={2.4} height={18} rx={0.6} {...props} />
      {build === 'leaf' ? (
        <path d="M-1 -8 Q3.4 0 -1 8" {...props} fill="none" />
      ) : (
        <>
          <rect x={-2} y={-6} width={1.8} height={12} {...props} />
          <path d="M0 -5 L1.6 5 L3 -5 L4.4 5 L5.4 -5" {...props} fill="none" strokeLinejoin="round" />
        </>
      )}
    </g>
  )
}

export function Spring({ data, known, scale }: PartProps & { known: boolean }) {
  const { type } = data.spring
  const props = {
    ...ghost(known, scale, 'none'),
    fill: 'none',
    strokeWidth: known ? 1.1 : 1.2 / scale,
    stroke: known ? palette.steel : palette.faint,
  }
  if (type === 'leaf' || type === 'combination') {
    return (
      <g>
        <path d="M-5 0 H-2 M-3 -7 Q-5 0 -3 7 M-3 -7 Q1 -16 6 -20 M-3 7 Q1 16 6 20" {...props} strokeLinecap="round" />
        {type === 'combination' && (
          <path d="M-6 -4 h4 v8 h-4 z M-2 -3 l1.6 6 l1.4 -6 l1.2 6" {...props} strokeLinejoin="round" />
        )}
      </g>
    )
  }
  return (
    <path
      d="M-7 -12 L-5 12 L-2 -14 L0 14 L3 -15 L5 15 L7 -15"
      {...props}
      strokeLinejoin="round"
      strokeLinecap="round"
    />
  )
}

export function Can({ data, scale }: PartProps) {
  const { can, states } = data
  const left = -can.height / 2
  const right = can.height / 2
  const half = can.diameter / 2
  const wall = Math.max(can.wall, 1.4 / scale)
  const dome = Math.min(13, can.height / 4)
  const outline = (inset: number) =>
    `M${left} ${-half + inset} H${right - dome} Q${right - inset} ${-half + inset + 2} ${right - inset} 0 Q${right - inset} ${half - inset - 2} ${right - dome} ${half - inset} H${left}`
  return (
    <g style={{ color: palette.chalk }}>
      {states.can.known ? (
        <path d={outline(wall / 2)} fill="none" stroke={palette.steel} strokeWidth={wall} />
      ) : (
        <path d={outline(0)} {...ghost(false, scale, 'none')} />
      )}
    </g>
  )
}

export function ORing({ data, scale }: PartProps) {
  const { oring, states } = data
  const middle = oring.inside / 2 + oring.section / 2
  const known = states.oring.known
  return (
    <circle
      r={middle}
      fill="none"
      stroke={known ? (palette.rubberOf[oring.material] ?? palette.rubber) : palette.faint}
      strokeWidth={known ? oring.section : 1.2 / scale}
      strokeDasharray={known ? undefined : `${4 / scale} ${3 / scale}`}
    />
  )
}
