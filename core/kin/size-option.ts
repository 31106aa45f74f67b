import { formatQuantity } from '#core/quantity/format.ts'

const mm = (length: number): string => formatQuantity(length, 'mm', 1)

/** What a can of another size gains or loses beside the usual one of an engine. */
export interface SizeOption {
  /** By so much it is longer, m; negative for a shorter one. */
  longer: number
  /** Share by which it has more media; undefined where one of the two is not known. */
  moreMedia: number | undefined
}

/** Cans this much apart in height are of another size. Common practice, no published source. */
const otherSize = 0.004

/**
 * A filter as another size for an engine: how much longer its can is than that of the usual ones, and what that gains.
 *
 * @param own height of its can and area of its media, SI; undefined where not known
 * @param usual of the filters that were entered for the engine
 * @returns undefined when it is of the usual size, or not known
 * @example sizeOption({ height: 0.094, area: 0.2 }, { height: 0.086, area: 0.16 })?.moreMedia // => 0.25
 */
export function sizeOption(
  own: { height: number | undefined; area: number | undefined },
  usual: { height: number | undefined; area: number | undefined },
): SizeOption | undefined {
  if (own.height === undefined || usual.height === undefined) return undefined
  const longer = own.height - usual.height
  if (Math.abs(longer) < otherSize) return undefined
  return {
    longer,
    moreMedia: own.area !== undefined && usual.area !== undefined ? own.area / usual.area - 1 : undefined,
  }
}

/**
 * A size option in a sentence.
 *
 * @example formatSizeOption({ longer: 0.008, moreMedia: 0.25 })
 * // => 'Another size: 8.0 mm longer than is usual for this engine, with 25 % more media; see that it clears.'
 */
export function formatSizeOption({ longer, moreMedia }: SizeOption): string {
  const media =
    moreMedia === undefined
      ? ''
      : `, with ${Math.abs(Math.round(100 * moreMedia))} % ${moreMedia >= 0 ? 'more' : 'less'} media`
  const clear = longer > 0 ? '; see that it clears' : ''
  const by = `${mm(Math.abs(longer))} ${longer > 0 ? 'longer' : 'shorter'}`
  return `Another size: ${by} than is usual for this engine${media}${clear}.`
}
