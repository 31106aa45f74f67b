import { formatQuantity } from '#core/quantity/format.ts'
import type { DrawingData, MeasuredSize, SizeKey } from './data.ts'
import type { DrawnPart } from '#core/figures/part-captions.ts'

const acrossPart: Partial<Record<DrawnPart, { key: SizeKey; sign: string }>> = {
  can: { key: 'can.diameter', sign: '⌀' },
  plate: { key: 'thread', sign: 'thread' },
  element: { key: 'element.od', sign: '⌀' },
  pleats: { key: 'element.id', sign: '⌀' },
  oring: { key: 'oring.inside', sign: '⌀' },
}

/** The length across a part that a dimension line shows; undefined where nobody measured it. */
export function acrossSize(part: DrawnPart, { sizes }: DrawingData): (MeasuredSize & { sign: string }) | undefined {
  const across = acrossPart[part]
  const size = across && sizes[across.key]
  return size && { ...size, sign: across.sign }
}

/** The height of a part that a dimension line shows; undefined where nobody measured it. */
export const heightSize = (part: DrawnPart, { sizes }: DrawingData): MeasuredSize | undefined =>
  part === 'can' ? sizes['can.height'] : part === 'element' ? sizes['element.height'] : undefined

/** A length of the drawing as its dimension line says it, with the width it was said with. */
export function formatDrawnLength({ mm, half }: MeasuredSize, unit: string): string {
  const decimals = unit === 'mm' ? 1 : 2
  const said = formatQuantity(mm / 1000, unit, decimals)
  return half === 0 ? said : said.replace(` ${unit}`, ` ± ${formatQuantity(half / 1000, unit, decimals)}`)
}
