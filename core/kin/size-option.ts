import { formatList } from '#core/quantity/format-list.ts'
import { formatQuantity } from '#core/quantity/format.ts'

const mm = (length: number): string => formatQuantity(length, 'mm', 1)

/** What a can of another size gains or loses beside the usual one of an engine. */
export interface SizeOption {
  /** By so much it is longer, m; negative for a shorter one. */
  longer: number
  /** Share by which it has more media; undefined where one of the two is not known. */
  moreMedia: number | undefined
  /** Share by which its can is heavier; undefined where one of the two is not known. */
  moreSteel: number | undefined
}

/** Sizes of a filter, SI; undefined where not known. */
export interface OptionSizes {
  /** Of the can. */
  height: number | undefined
  /** Of the media. */
  area: number | undefined
  /** Weight of the can. */
  steel: number | undefined
}

/** Cans this much apart in height are of another size. Common practice, no published source. */
const otherSize = 0.004

/**
 * A filter as another size for an engine: how much longer its can is than that of the usual ones, and what that gains.
 *
 * @param own its sizes
 * @param usual of the filters that were entered for the engine
 * @returns undefined when it is of the usual size, or not known
 * @example sizeOption({ height: 0.094, area: 0.2, steel: 0.2 }, { height: 0.086, area: 0.16, steel: 0.2 })?.moreMedia
 * // => 0.25
 */
export function sizeOption(own: OptionSizes, usual: OptionSizes): SizeOption | undefined {
  if (own.height === undefined || usual.height === undefined) return undefined
  const longer = own.height - usual.height
  if (Math.abs(longer) < otherSize) return undefined
  return { longer, moreMedia: gain(own.area, usual.area), moreSteel: gain(own.steel, usual.steel) }
}

const gain = (own: number | undefined, usual: number | undefined): number | undefined =>
  own !== undefined && usual !== undefined ? own / usual - 1 : undefined

/**
 * A size option in a sentence.
 *
 * @example formatSizeOption({ longer: 0.008, moreMedia: 0.25, moreSteel: undefined })
 * // => 'Another size: 8.0 mm longer than is usual for this engine, with 25 % more media; see that it clears.'
 */
export function formatSizeOption({ longer, moreMedia, moreSteel }: SizeOption): string {
  const gained = [gainText(moreMedia, 'media'), gainText(moreSteel, 'steel')].filter((text) => text !== '')
  const media = gained.length > 0 ? `, with ${formatList(gained, 'conjunction')}` : ''
  const clear = longer > 0 ? '; see that it clears' : ''
  const by = `${mm(Math.abs(longer))} ${longer > 0 ? 'longer' : 'shorter'}`
  return `Another size: ${by} than is usual for this engine${media}${clear}.`
}

function gainText(gained: number | undefined, of: string): string {
  if (gained === undefined) return ''
  return `${Math.abs(Math.round(100 * gained))} % ${gained >= 0 ? 'more' : 'less'} ${of}`
}
