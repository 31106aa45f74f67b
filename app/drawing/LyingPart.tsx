import type { KeyboardEvent } from 'react'
import * as texts from '#app/texts/drawing.ts'
import type { DrawingData } from './data.ts'
import type { DrawnPart } from '#core/figures/part-captions.ts'
import { FaultFlag } from './FaultFlag.tsx'
import type { PlacedLabel } from './labels.ts'
import { palette } from './palette.ts'
import { PartLabel } from './PartLabel.tsx'
import type { Slot } from './slots.tsx'

/** Where the parts of a drawing lie, in pixels. */
export interface Layout {
  scale: number
  axis: number
  top: number
  bottom: number
}

interface Props {
  slot: Slot & { middle: number }
  data: DrawingData
  layout: Layout
  isNow: boolean
  /** Undefined where the drawing has no words. */
  spot: PlacedLabel | undefined
  onSelect: ((part: DrawnPart) => void) | undefined
}

/** One part on the mat, with its name; a button where parts can be chosen. */
export function LyingPart({ slot, data, layout, isNow, spot, onSelect }: Props) {
  const { part, middle, draw, label, length } = slot
  const { scale, axis, top, bottom } = layout
  const { known, fault, faultEnd, caption } = data.states[part]
  const half = (length * scale) / 2
  // Parts lie with their thread end, or their upper end, to the left.
  const isNear = faultEnd === 'thread' || faultEnd === 'upper'
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key !== 'Enter' && event.key !== ' ') return
    event.preventDefault()
    event.stopPropagation()
    onSelect?.(part)
  }
  const asButton = onSelect && {
    role: 'button',
    tabIndex: 0,
    style: { cursor: 'pointer' },
    onClick: () => onSelect(part),
    onKeyDown,
  }
  return (
    <g {...asButton}>
      <rect x={middle - half - 4} y={top - 6} width={2 * half + 8} height={bottom - top + 12} fill="transparent" />
      <g
        transform={`translate(${middle} ${axis}) scale(${scale})`}
        opacity={known || isNow ? 1 : 0.7}
        style={{ color: isNow ? palette.now : undefined }}
      >
        {draw(scale)}
      </g>
      {fault && <FaultFlag x={isNear ? middle - half + 2 : middle + half - 4} y={top + 2} words={fault} />}
      {spot && (
        <PartLabel
          middle={middle}
          bottom={bottom}
          spot={spot}
          label={label}
          caption={caption || (isNow ? texts.readingNow : texts.toRecord)}
          isNow={isNow}
        />
      )}
    </g>
  )
}
