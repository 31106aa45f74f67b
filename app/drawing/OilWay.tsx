import type { BypassPlace, OilState } from '#core/figures/oil-way.ts'
import * as texts from '#app/texts/drawing.ts'
import type { DrawingData } from './data.ts'
import { Mat } from './Mat.tsx'
import { oilPaths, sectionOf, type Section } from './oil-paths.ts'
import { colourOf, palette } from './palette.ts'

interface Props {
  data: DrawingData
  state: OilState
  bypass: BypassPlace
  /** Whether nothing keeps the oil in when the engine stands. */
  drains: boolean
  width: number
  height: number
  title: string
}

const oil = { dirty: '#d99a3d', clean: '#f3d9a0', still: '#b98b3f' }

/** A filter in section, to scale, with the oil's way through it in one state. */
export function OilWay({ data, state, bypass, drains, width, height, title }: Props) {
  const section = sectionOf(data)
  const scale = Math.min((width - 60) / (section.length + 44), (height - 40) / (2 * section.outside))
  const paths = oilPaths(section, state, bypass, drains)
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      role="img"
      aria-label={title}
      xmlns="http://www.w3.org/2000/svg"
      style={{ display: 'block' }}
    >
      <defs>
        {(['dirty', 'clean'] as const).map((kind) => (
          <marker
            key={kind}
            id={`oil-${kind}`}
            viewBox="0 0 8 8"
            refX="6"
            refY="4"
            markerWidth="3"
            markerHeight="3"
            orient="auto"
          >
            <path d="M0 0 8 4 0 8z" fill={oil[kind]} />
          </marker>
        ))}
      </defs>
      <Mat width={width} height={height} scale={scale} legend />
      <g transform={`translate(${(width - section.length * scale) / 2 + 8 * scale} ${height / 2}) scale(${scale})`}>
        <Body data={data} section={section} state={state} bypass={bypass} drains={drains} />
        {paths.flatMap(({ d, kind }) =>
          [1, -1].map((side) => (
            <path
              key={`${d} ${side}`}
              className="oil"
              d={d}
              transform={side < 0 ? 'scale(1 -1)' : undefined}
              fill="none"
              stroke={oil[kind]}
              strokeWidth={1.6}
              strokeLinecap="round"
              strokeLinejoin="round"
              markerEnd={`url(#oil-${kind})`}
            />
          )),
        )}
        <text x={-18} y={-section.entryAt + 2} {...wordStyle} textAnchor="end">
          {texts.inLabel}
        </text>
        <text x={-18} y={2} {...wordStyle} textAnchor="end">
          {texts.out}
        </text>
      </g>
    </svg>
  )
}

const wordStyle = { fontSize: 6, fill: palette.chalk, fontFamily: "'Public Sans', sans-serif" }

/** Everything that stands still, cut along the axis. */
function Body({
  data,
  section,
  state,
  bypass,
  drains,
}: Pick<Props, 'data' | 'state' | 'bypass' | 'drains'> & { section: Section }) {
  const { can, plate, element, isCartridge, elementStart, elementEnd, coreRadius, inletAt, inletHalf } = section
  const cap = colourOf(palette.cap, data.element.caps, palette.cap.steel)
  const media = colourOf(palette.media, data.pleats.media, palette.media.cellulose)
  const isStill = state === 'stopped' && !drains
  const radius = can.diameter / 2
  return (
    <g>
      <path
        d={[
          `M0 ${-radius} H${can.height - 12} Q${can.height} ${-radius} ${can.height} ${-radius + 14}`,
          `V${radius - 14} Q${can.height} ${radius} ${can.height - 12} ${radius} H0 Z`,
        ].join(' ')}
        fill={isStill ? oil.still : palette.hole}
        fillOpacity={isStill ? 0.55 : 0.75}
        stroke={isCartridge ? palette.faint : palette.steel}
        strokeDasharray={isCartridge ? '5 4' : undefined}
        strokeWidth={Math.max(0.9, can.wall)}
      />
      {[1, -1].map((side) => (
        <g key={side} transform={side < 0 ? 'scale(1 -1)' : undefined}>
          {!isCartridge && (
            <>
              <rect
                x={0}
                y={plate.thread / 2}
                width={plate.thickness}
                height={inletAt - inletHalf - plate.thread / 2}
                fill={palette.steelDark}
              />
              <rect
                x={0}
                y={inletAt + inletHalf}
                width={plate.thickness}
                height={radius - inletAt - inletHalf}
                fill={palette.steelDark}
              />
              <rect
                x={-data.gasket.width * 0.6}
                y={radius - 9}
                width={data.gasket.width * 0.6}
                height={5}
                fill={palette.rubber}
              />
              <Lip data={data} section={section} state={state} drains={drains} />
            </>
          )}
          <rect
            x={elementStart + 1.6}
            y={coreRadius}
            width={elementEnd - elementStart - 3.2}
            height={element.od / 2 - coreRadius}
            fill={media}
            opacity={0.85}
          />
          {[elementStart, elementEnd - 1.6].map((x) => (
            <rect key={x} x={x} y={coreRadius - 1} width={1.6} height={element.od / 2 - coreRadius + 1} fill={cap} />
          ))}
          <line
            x1={elementStart}
            x2={elementEnd}
            y1={coreRadius}
            y2={coreRadius}
            stroke={palette.core}
            strokeWidth={1.4}
            strokeDasharray="3 2"
          />
        </g>
      ))}
      <Valve section={section} isOpen={state === 'bypass'} bypass={bypass} />
    </g>
  )
}

/** The lip of the drain-back valve: off the holes while oil comes in, on them when it stands. */
function Lip({ data, section, state, drains }: Pick<Props, 'data' | 'state' | 'drains'> & { section: Section }) {
  if (data.adbv.build === 'none' || drains) return null
  const { plate, inletAt, inletHalf } = section
  const colour = colourOf(palette.rubberOf, data.adbv.material, palette.rubberOf.other)
  const away = state === 'stopped' ? 0.4 : 4
  const root = plate.thread / 2 + 2
  return (
    <path
      d={[
        `M${plate.thickness + 0.6} ${root} Q${plate.thickness + away} ${inletAt}`,
        `${plate.thickness + away} ${inletAt + inletHalf + 2}`,
      ].join(' ')}
      fill="none"
      stroke={colour}
      strokeWidth={Math.max(1.2, data.adbv.thickness)}
      strokeLinecap="round"
    />
  )
}

/** The bypass valve at its end, shut or lifted. */
function Valve({ section, isOpen, bypass }: { section: Section; isOpen: boolean; bypass: BypassPlace }) {
  if (section.isCartridge || (bypass !== 'dome' && bypass !== 'thread')) return null
  const { elementStart, elementEnd, coreRadius } = section
  const fill = isOpen ? palette.now : palette.steel
  const lift = isOpen ? 5 : 0
  if (bypass === 'dome')
    return (
      <rect x={elementEnd - 1 - lift} y={2 - coreRadius} width={2} height={2 * coreRadius - 4} rx={1} fill={fill} />
    )
  // At the thread end it is a ring round the way out.
  return [1, -1].map((side) => (
    <rect
      key={side}
      x={elementStart - 1 + lift}
      y={side > 0 ? 0.5 * coreRadius : 1 - coreRadius}
      width={2}
      height={0.5 * coreRadius - 1}
      rx={1}
      fill={fill}
    />
  ))
}
