import { minus, scaled, times, type Uncertain } from '#core/quantity/uncertain.ts'

/**
 * Filtering area of one side of the media: length times the width that was not buried in glue.
 *
 * Source: plane geometry; taking off the buried edge is common practice, no published source.
 *
 * @param length of the unfolded strip, m
 * @param width of the strip, m
 * @param buried width under the glue of both edges together, m; zero when the width was taken between the caps
 * @returns m²
 * @throws RangeError when the buried width is not less than the width
 * @example mediaArea(exactly(1.0541), exactly(0.130175), exactly(0)).value // => 0.1372
 */
export function mediaArea(length: Uncertain, width: Uncertain, buried: Uncertain): Uncertain {
  if (buried.value >= width.value) throw new RangeError('More of the width is buried than there is width')
  return times(length, minus(width, buried))
}

/**
 * The same area from the pleats: two sides of each pleat, its depth and the free height of the pack.
 *
 * Source: plane geometry.
 *
 * @param pleats count
 * @param depth of one pleat, m
 * @param height between the caps, m
 * @returns m²
 * @example mediaAreaFromPleats(exactly(55), exactly(0.013), exactly(0.07)).value // => 0.1001
 */
export const mediaAreaFromPleats = (pleats: Uncertain, depth: Uncertain, height: Uncertain): Uncertain =>
  scaled(times(pleats, times(depth, height)), 2)
