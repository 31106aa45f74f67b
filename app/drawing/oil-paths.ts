import type { BypassPlace, OilState } from '#core/figures/oil-way.ts'
import type { DrawingData } from './data.ts'

/** Places of a filter cut along its axis, mm: thread end at nought, the axis at nought. */
export interface Section {
  isCartridge: boolean
  length: number
  /** Half of what it takes across. */
  outside: number
  can: DrawingData['can']
  plate: { thread: number; thickness: number }
  element: DrawingData['element']
  elementStart: number
  elementEnd: number
  coreRadius: number
  /** Middle of the ring of inlet holes, and half of their width. */
  inletAt: number
  inletHalf: number
  /** How far from the axis the oil comes in. */
  entryAt: number
}

/** One arrow of the oil's way, on one side of the axis. */
export interface OilPath {
  d: string
  kind: 'dirty' | 'clean'
}

/** Where the parts lie in a section. What is drawn is as it was measured; a can that cannot hold it is drawn larger. */
export function sectionOf(data: DrawingData): Section {
  const isCartridge = data.form === 'cartridge'
  const { element } = data
  const before = isCartridge ? 8 : data.plate.thickness + 8
  const height = Math.max(isCartridge ? 0 : data.can.height, before + element.height + 12)
  const diameter = Math.max(isCartridge ? 0 : data.can.diameter, element.od + 12)
  const thread = data.plate.thread
  const inletHalf = Math.min(3.5, ((data.plate.inlets[0]?.width ?? 0.006) * 1000) / 2)
  const inletAt = Math.min(diameter / 2 - 13, thread / 2 + 8)
  return {
    isCartridge,
    length: height,
    outside: diameter / 2 + 4,
    can: { ...data.can, height, diameter },
    plate: { thread, thickness: data.plate.thickness },
    element,
    elementStart: before,
    elementEnd: before + element.height,
    coreRadius: element.id / 2,
    inletAt,
    inletHalf,
    entryAt: isCartridge ? (element.od + diameter) / 4 : inletAt,
  }
}

/** The arrows of a state; none where the oil stands still. */
export function oilPaths(section: Section, state: OilState, bypass: BypassPlace, drains: boolean): OilPath[] {
  const { isCartridge, can, plate, element, elementStart, elementEnd, coreRadius, inletAt, inletHalf } = section
  const gap = (element.od / 2 + can.diameter / 2) / 2
  const behindPlate = isCartridge ? 4 : plate.thickness + 5
  const in_ = isCartridge
    ? `M-14 ${gap} H${elementStart}`
    : `M-14 ${inletAt} H${behindPlate} L${behindPlate + 1} ${inletAt + inletHalf + 2} L${elementStart} ${gap}`
  const along = (share: number) => elementStart + share * (elementEnd - elementStart)
  const out = (from: number): OilPath => ({ d: `M${from} ${coreRadius / 3} H-14`, kind: 'clean' })
  switch (state) {
    case 'running':
      return [
        ...[0.25, 0.5, 0.75].map((share): OilPath => ({
          d: `${in_} H${along(share)} V${coreRadius + 2}`,
          kind: 'dirty',
        })),
        ...[0.25, 0.5, 0.75].map((share): OilPath => ({
          d: `M${along(share)} ${coreRadius - 1} V${coreRadius / 3 + 1}`,
          kind: 'clean',
        })),
        out(along(0.75)),
      ]
    case 'stopped':
      return drains && !isCartridge
        ? [{ d: `M${along(0.6)} ${gap} H${elementStart} L${behindPlate} ${inletAt} H-14`, kind: 'dirty' }]
        : []
    case 'bypass':
      if (isCartridge) return [{ d: `${in_} H${elementEnd + 6} V${coreRadius / 3} H-14`, kind: 'dirty' }]
      if (bypass === 'unknown' || bypass === 'none') return [{ d: `${in_} H${along(0.5)}`, kind: 'dirty' }]
      return bypass === 'dome'
        ? [{ d: `${in_} H${elementEnd + 5} V${coreRadius / 3} H-14`, kind: 'dirty' }]
        : [
            {
              d: `M-14 ${inletAt} H${behindPlate} V${0.75 * coreRadius} H${elementStart + 12} V${coreRadius / 3} H-14`,
              kind: 'dirty',
            },
          ]
  }
}
