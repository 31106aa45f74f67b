import { exactly, uncertain, type Uncertain } from '#core/quantity/uncertain.ts'
import type { Inputs } from './figure.ts'

/** What says how much of the media's width is buried; without it a usual allowance is taken, with its doubt. */
export const buriedWidthKeys = ['media.how', 'media.buried']

/** Even chances within a half-width, m. Common practice, no published source: a tenth of an inch in all is usual. */
const usual = { value: 0.00275, half: 0.00125 }
/** The strip may have been measured, or what is free between the caps: nothing to 4 mm is buried, m. */
const unsaid = { value: 0.002, half: 0.002 }

/**
 * Width of the media that is buried in glue: as it was measured, none where the width was taken between the caps, else
 * a usual allowance.
 *
 * @param inputs of a figure that needs the width of the media
 * @returns m
 * @example
 * computeFigure(figureOf('media.area'), known({ 'media.length': '1 m', 'media.width': '80 mm' })).number.value
 * // => 0.078
 */
export function buriedWidth({ numberOr, answerIf, specimen }: Inputs): Uncertain {
  const how = answerIf('media.how')
  if (how === 'between') return exactly(0)
  const { value, half } = how === 'strip' ? usual : unsaid
  return numberOr('media.buried', uncertain(value, half / Math.sqrt(3), `${specimen('media.width')}/buried`))
}

/**
 * What was taken for granted of the width that is buried.
 *
 * @returns undefined when nothing was
 * @example
 * computeFigure(figureOf('media.area'), known({ 'media.length': '1 m', 'media.width': '80 mm' })).remark
 * // => 'how the width was taken is not said: up to 4 mm may be buried'
 */
export function buriedWidthRemark({ answerIf, isKnown }: Inputs): string | undefined {
  const how = answerIf('media.how')
  if (how === 'between' || isKnown('media.buried')) return undefined
  return how === 'strip'
    ? 'the width buried in glue was not measured: 1.5 to 4 mm are taken off'
    : 'how the width was taken is not said: up to 4 mm may be buried'
}
