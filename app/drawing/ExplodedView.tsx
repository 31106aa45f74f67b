import type { ReactNode } from 'react'
import { formatQuantity } from '#core/quantity/format.ts'
import type { DrawingData, DrawnPart } from './data.ts'
import { Adbv, Bypass, Can, ElementSide, ORing, PlateFace, PleatSection, Spring } from './parts.tsx'
import { placeLabels } from './labels.ts'
import { palette } from './palette.ts'

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
  title: string
}

/** One part along the axis. */
export interface Slot {
  part: DrawnPart
  /** Extent along the axis, mm. */
  length: number
  label: string
  draw: (middle: number) => ReactNode
}

const margin = 22
const gapMm = 9

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
  title,
}: Props) {
  const slots = layOut(data)
  const tallest = Math.max(...slots.map(({ part }) => heightOf(part, data)))
  const totalLength = slots.reduce((sum, { length }) => sum + length, 0) + gapMm * (slots.length - 1)
  const below = labels ? 84 : 12
  const above = dimensions ? 40 : 12
  const scale = Math.min((width - 2 * margin) / totalLength, (height - below - above) / tallest)
  const axis = above + (height - above - below) / 2
  const start = (width - totalLength * scale) / 2

  const placed = slots.map((slot, index) => {
    const before = slots.slice(0, index).reduce((sum, { length }) => sum + length + gapMm, 0)
    return { ...slot, middle: start + (before + slot.length / 2) * scale }
  })
  const bottom = axis + (tallest * scale) / 2
  const boxes = placed.map(({ middle, label, part }) => ({
    x: middle,
    width: Math.max(label.length * 8, data.states[part].says.length * 6.1) + 6,
  }))
  const spots = placeLabels(boxes, [6, width - 6], 2)

  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      role={onSelect ? 'group' : 'img'}
      aria-label={title}
      xmlns="http://www.w3.org/2000/svg"
      style={{ display: 'block' }}
    >
      <Mat width={width} height={height} scale={scale} legend={labels} />
      <line
        x1={margin / 2}
        x2={width - margin / 2}
        y1={axis}
        y2={axis}
        stroke={palette.faint}
        strokeDasharray="14 4 3 4"
        opacity={0.5}
      />
      {placed.map(({ part, middle, draw, label, length }, index) => {
        const state = data.states[part]
        const spot = spots[index]!
        const active = part === now
        const says = state.says || (active ? 'reading now' : 'to record')
        return (
          <g
            key={part}
            {...(onSelect && {
              role: 'button',
              tabIndex: 0,
              style: { cursor: 'pointer' },
              onClick: () => onSelect(part),
              onKeyDown: (event) => {
                if (event.key === 'Enter' || event.key === ' ') {
                  event.preventDefault()
                  event.stopPropagation()
                  onSelect(part)
                }
              },
            })}
          >
            <rect
              x={middle - (length * scale) / 2 - 4}
              y={above - 6}
              width={length * scale + 8}
              height={bottom - above + 12}
              fill="transparent"
            />
            <g
              transform={`translate(${middle} ${axis}) scale(${scale})`}
              opacity={state.known || active ? 1 : 0.7}
              style={{ color: active ? palette.now : undefined }}
            >
              {draw(scale)}
            </g>
            {state.fault && <FaultFlag x={middle + (length * scale) / 2 - 4} y={above + 2} words={state.fault} />}
            {labels && (
              <g>
                {spot.row > 0 && (
                  <path
                    d={`M${middle} ${bottom + 6} V${bottom + 16} L${spot.x} ${bottom + 22 + spot.row * 34 - 8}`}
                    fill="none"
                    stroke={palette.faint}
                    strokeWidth={0.8}
                    opacity={0.7}
                  />
                )}
                <text
                  x={spot.x}
                  y={bottom + 24 + spot.row * 35}
                  textAnchor="middle"
                  fontFamily="'Barlow Condensed', 'Arial Narrow', sans-serif"
                  fontSize={15}
                  fontWeight={600}
                  letterSpacing={0.6}
                  fill={active ? palette.now : palette.chalk}
                >
                  {label.toUpperCase()}
                </text>{' '}
                <text
                  x={spot.x}
                  y={bottom + 39 + spot.row * 35}
                  textAnchor="middle"
                  fontFamily="'Public Sans', sans-serif"
                  fontSize={12}
                  fill={active ? palette.now : palette.faint}
                >
                  {says}
                </text>
              </g>
            )}
          </g>
        )
      })}
      {dimensions &&
        placed.map(({ part, middle, length }) => {
          const mm = part === 'can' ? data.can.height : part === 'element' ? data.element.height : undefined
          if (mm === undefined || !data.states[part].known) return null
          const top = axis - (heightOf(part, data) * scale) / 2 - 12
          return (
            <Dimension
              key={part}
              from={middle - (length * scale) / 2}
              to={middle + (length * scale) / 2}
              y={top}
              text={formatQuantity(mm / 1000, unit, unit === 'mm' ? 1 : 2)}
            />
          )
        })}
      {measured &&
        placed.map(({ part, middle, length }) => {
          const across = diameters(part, data)
          if (!data.states[part].known || across.length === 0) return null
          return across.map(({ mm, sign }, index) => (
            <Across
              key={`${part}${sign}`}
              x={
                middle +
                (part === 'plate' || part === 'pleats' || part === 'oring' ? 0 : (length * scale) / 2 - 10 - index * 14)
              }
              half={(mm * scale) / 2}
              axis={axis}
              text={`${sign} ${formatQuantity(mm / 1000, unit, unit === 'mm' ? 1 : 2)}`}
            />
          ))
        })}
    </svg>
  )
}

/** Lengths across a part, mm, that dimension lines show. */
function diameters(part: DrawnPart, { can, element, oring, plate }: DrawingData): { mm: number; sign: string }[] {
  switch (part) {
    case 'can':
      return [{ mm: can.diameter, sign: '⌀' }]
    case 'plate':
      return [{ mm: plate.thread, sign: 'thread' }]
    case 'element':
      return [{ mm: element.od, sign: '⌀' }]
    case 'pleats':
      return [{ mm: element.id, sign: '⌀' }]
    case 'oring':
      return [{ mm: oring.inside, sign: '⌀' }]
    default:
      return []
  }
}

function Across({ x, half, axis, text }: { x: number; half: number; axis: number; text: string }) {
  return (
    <g stroke={palette.now} strokeWidth={1} aria-hidden>
      <path d={`M${x} ${axis - half}V${axis + half}M${x - 4} ${axis - half}h8M${x - 4} ${axis + half}h8`} fill="none" />
      <rect
        x={x - text.length * 3.3 - 4}
        y={axis - 9}
        width={text.length * 6.6 + 8}
        height={18}
        fill={palette.mat}
        stroke="none"
        opacity={0.85}
      />
      <text
        x={x}
        y={axis + 4}
        textAnchor="middle"
        fontFamily="'Public Sans', sans-serif"
        fontSize={12}
        fill={palette.now}
        stroke="none"
      >
        {text}
      </text>
    </g>
  )
}

/** The parts of a filter in the order they lie on the mat. */
export function layOut(data: DrawingData): Slot[] {
  const { form, states, can, element, bypass, spring, oring } = data
  const bypassSlot: Slot = {
    part: 'bypass',
    length: 11,
    label: 'Bypass',
    draw: (scale) => <Bypass data={data} known={states.bypass.known} scale={scale} />,
  }
  const withBypass = bypass.place !== 'none' && spring.type !== 'combination' && bypass.build !== 'combination'
  const pack: Slot[] = [
    {
      part: 'element',
      length: element.height,
      label: 'Element',
      draw: (scale) => <ElementSide data={data} scale={scale} />,
    },
    {
      part: 'pleats',
      length: element.od,
      label: 'Pleats, end on',
      draw: (scale) => <PleatSection data={data} scale={scale} />,
    },
  ]
  if (form === 'cartridge') {
    return [
      {
        part: 'oring',
        length: oring.inside + 2 * oring.section,
        label: 'O-ring',
        draw: (scale) => <ORing data={data} scale={scale} />,
      },
      ...pack,
    ]
  }
  return [
    {
      part: 'plate',
      length: can.diameter,
      label: 'Base plate',
      draw: (scale) => <PlateFace data={data} scale={scale} />,
    },
    { part: 'adbv', length: 7, label: 'Drain-back valve', draw: (scale) => <Adbv data={data} scale={scale} /> },
    ...(withBypass && bypass.place === 'thread' ? [bypassSlot] : []),
    ...pack,
    ...(withBypass && bypass.place !== 'thread' ? [bypassSlot] : []),
    ...(spring.type === 'none'
      ? []
      : [
          {
            part: 'spring' as const,
            length: 15,
            label: 'Spring',
            draw: (scale: number) => <Spring data={data} known={states.spring.known} scale={scale} />,
          },
        ]),
    { part: 'can', length: can.height, label: 'Can', draw: (scale) => <Can data={data} scale={scale} /> },
  ]
}

/** Extent of a part across the axis, mm. */
export const heightOf = (part: DrawnPart, { can, element, oring }: DrawingData): number =>
  part === 'can' || part === 'plate' ? can.diameter : part === 'oring' ? oring.inside + 2 * oring.section : element.od

function Mat({ width, height, scale, legend }: { width: number; height: number; scale: number; legend: boolean }) {
  const step = 10 * scale
  const lines = (most: number, vertical: boolean) =>
    Array.from({ length: Math.floor(most / step) }, (_, index) => {
      const at = (index + 1) * step
      const strong = (index + 1) % 5 === 0
      return (
        <path
          key={`${vertical}${index}`}
          d={vertical ? `M${at} 0V${height}` : `M0 ${at}H${width}`}
          stroke={strong ? palette.gridStrong : palette.grid}
          strokeWidth={strong ? 1 : 0.6}
        />
      )
    })
  return (
    <g>
      <rect width={width} height={height} fill={palette.mat} />
      {lines(width, true)}
      {lines(height, false)}
      {legend && (
        <text
          x={width - 10}
          y={height - 8}
          textAnchor="end"
          fontSize={11}
          fontFamily="'Public Sans', sans-serif"
          fill={palette.faint}
        >
          one square 10 mm
        </text>
      )}
    </g>
  )
}

function Dimension({ from, to, y, text }: { from: number; to: number; y: number; text: string }) {
  return (
    <g stroke={palette.chalk} strokeWidth={1} aria-hidden>
      <path d={`M${from} ${y}H${to}M${from} ${y - 4}v8M${to} ${y - 4}v8`} fill="none" />
      <text
        x={(from + to) / 2}
        y={y - 6}
        textAnchor="middle"
        fontFamily="'Public Sans', sans-serif"
        fontSize={12}
        fill={palette.chalk}
        stroke="none"
      >
        {text}
      </text>
    </g>
  )
}

function FaultFlag({ x, y, words }: { x: number; y: number; words: string }) {
  return (
    <g>
      <title>{words}</title>
      <path
        d={`M${x} ${y + 26}V${y}l18 6-18 6`}
        fill={palette.fault}
        stroke={palette.fault}
        strokeWidth={1.5}
        strokeLinejoin="round"
      />
    </g>
  )
}
