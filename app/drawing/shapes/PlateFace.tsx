import type { OpeningGroup } from '#core/teardown/opening-groups.ts'
import { colourOf, palette } from '../palette.ts'
import { dashes, outlined, type ShapeProps } from './outline.ts'

/** The base plate from outside: gasket, thread and inlet holes. */
export function PlateFace({ data, scale }: ShapeProps) {
  const { can, plate, gasket, states } = data
  const radius = can.diameter / 2
  const gasketOuter = radius - 2.2
  const gasketMiddle = gasketOuter - gasket.width / 2
  const inner = gasketOuter - gasket.width
  const pitchRadius = (plate.thread / 2 + inner) / 2
  return (
    <g style={{ color: palette.steelDark }}>
      <circle r={radius} {...outlined(states.plate.known, scale, palette.steel)} />
      <circle
        r={gasketMiddle}
        fill="none"
        stroke={states.gasket.known ? colourOf(palette.rubberOf, gasket.material, palette.rubber) : palette.faint}
        strokeWidth={states.gasket.known ? gasket.width : 1 / scale}
        strokeDasharray={states.gasket.known ? undefined : dashes(scale)}
      />
      <circle r={plate.thread / 2} {...outlined(states.plate.known, scale, palette.hole)} />
      {states.plate.known && (
        <circle r={plate.thread / 2 + 0.8} fill="none" stroke={palette.steelDark} strokeWidth={0.8 / scale} />
      )}
      {spread(plate.inlets).map((hole, index, all) => {
        const angle = (index / all.length) * 360 - 90
        const isMeasured = hole.width !== undefined
        const width = 1000 * (hole.width ?? ghostWidths[hole.odd ?? 'odd'])
        const length = 1000 * (hole.length ?? width / 1000) * (hole.slot && !isMeasured ? 1.6 : 1)
        return (
          <rect
            key={index}
            transform={`rotate(${angle}) translate(${pitchRadius} 0)`}
            x={-width / 2}
            y={-length / 2}
            width={width}
            height={length}
            rx={width / 2}
            {...outlined(states.plate.known && isMeasured, scale, palette.hole)}
          />
        )
      })}
    </g>
  )
}

/** Openings that were not measured are drawn as ghosts of an ordinary size, metres. */
const ghostWidths = { larger: 0.0085, smaller: 0.0045, odd: 0.0065 }
/** So many are drawn where nobody counted them. */
const uncounted = 6

function spread(groups: OpeningGroup[]): OpeningGroup[] {
  const counted = groups.map((group) => ({ ...group, count: group.count ?? (group.odd ? 1 : uncounted) }))
  const sorted = counted.sort((a, b) => b.count - a.count)
  const [most, ...odd] = sorted
  if (!most) return []
  const ring: OpeningGroup[] = Array.from({ length: Math.min(most.count, 60) }, () => most)
  for (const hole of odd.flatMap((group) => Array.from({ length: Math.min(group.count, 20) }, () => group))) {
    ring.splice(Math.round(ring.length / Math.max(1, odd.length)) % (ring.length + 1), 0, hole)
  }
  return ring
}
