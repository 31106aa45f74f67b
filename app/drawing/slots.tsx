import type { ReactNode } from 'react'
import * as texts from '#app/texts/drawing.ts'
import type { DrawingData } from './data.ts'
import type { DrawnPart } from '#core/figures/part-captions.ts'
import { Adbv } from './shapes/Adbv.tsx'
import { Bypass } from './shapes/Bypass.tsx'
import { Can } from './shapes/Can.tsx'
import { ElementSide } from './shapes/ElementSide.tsx'
import { ORing } from './shapes/ORing.tsx'
import { PlateFace } from './shapes/PlateFace.tsx'
import { PleatSection } from './shapes/PleatSection.tsx'
import { Spring } from './shapes/Spring.tsx'

/** One part along the axis. */
export interface Slot {
  part: DrawnPart
  /** Extent along the axis, mm. */
  length: number
  label: string
  draw: (middle: number) => ReactNode
}

/** The parts of a filter in the order they lie on the mat. */
export function arrangeSlots(data: DrawingData): Slot[] {
  const { form, states, can, element, bypass, spring, oring } = data
  const bypassSlot: Slot = {
    part: 'bypass',
    length: 11,
    label: texts.bypass,
    draw: (scale) => <Bypass data={data} known={states.bypass.known} scale={scale} />,
  }
  const withBypass = bypass.place !== 'none' && spring.type !== 'combination' && bypass.build !== 'combination'
  const pack: Slot[] = [
    {
      part: 'element',
      length: element.height,
      label: texts.element,
      draw: (scale) => <ElementSide data={data} scale={scale} />,
    },
    {
      part: 'pleats',
      length: element.od,
      label: texts.pleatsEndOn,
      draw: (scale) => <PleatSection data={data} scale={scale} />,
    },
  ]
  if (form === 'cartridge') {
    return [
      {
        part: 'oring',
        length: oring.inside + 2 * oring.section,
        label: texts.oRing,
        draw: (scale) => <ORing data={data} scale={scale} />,
      },
      ...pack,
    ]
  }
  return [
    {
      part: 'plate',
      length: can.diameter,
      label: texts.basePlate,
      draw: (scale) => <PlateFace data={data} scale={scale} />,
    },
    { part: 'adbv', length: 7, label: texts.drainBackValve, draw: (scale) => <Adbv data={data} scale={scale} /> },
    ...(withBypass && bypass.place === 'thread' ? [bypassSlot] : []),
    ...pack,
    ...(withBypass && bypass.place !== 'thread' ? [bypassSlot] : []),
    ...(spring.type === 'none'
      ? []
      : [
          {
            part: 'spring' as const,
            length: 15,
            label: texts.spring,
            draw: (scale: number) => <Spring data={data} known={states.spring.known} scale={scale} />,
          },
        ]),
    { part: 'can', length: can.height, label: texts.can, draw: (scale) => <Can data={data} scale={scale} /> },
  ]
}

/** Extent of a part across the axis, mm. */
export const heightOf = (part: DrawnPart, { can, element, oring }: DrawingData): number =>
  part === 'can' || part === 'plate' ? can.diameter : part === 'oring' ? oring.inside + 2 * oring.section : element.od

/** Room between two parts, mm. */
const gap = 9

/** Extent along the axis of parts that lie beside each other, mm. */
export const totalLength = (lengths: readonly number[]): number =>
  lengths.reduce((sum, length) => sum + length, 0) + gap * (lengths.length - 1)

/** Middle of each of the parts that lie beside each other, mm from the start of the first. */
export const middles = (lengths: readonly number[]): number[] =>
  lengths.map((length, index) => lengths.slice(0, index).reduce((sum, one) => sum + one + gap, 0) + length / 2)
