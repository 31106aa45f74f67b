import { formatQuantity } from '#core/quantity/format.ts'
import type { DrawingData } from './data.ts'
import type { DrawnPart } from './drawn-part.ts'

/** Lengths across a part, mm, that dimension lines show. */
export function diameters(
  part: DrawnPart,
  { can, element, oring, plate }: DrawingData,
): { mm: number; sign: string }[] {
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

/** A length of the drawing as its dimension line says it. */
export const formatDrawnLength = (millimetres: number, unit: string): string =>
  formatQuantity(millimetres / 1000, unit, unit === 'mm' ? 1 : 2)
