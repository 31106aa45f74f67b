import { minus, over, scaled, times, type Uncertain } from '#core/quantity/uncertain.ts'

/**
 * Depth of one pleat from the strip: each pleat takes its depth twice.
 *
 * Source: plane geometry; common practice, no published source.
 *
 * @param length of the unfolded strip, m
 * @param pleats count
 * @returns m
 * @throws RangeError when there are no pleats
 * @example pleatDepth(exactly(1.42875), exactly(55)).value // => 0.012989
 */
export const pleatDepth = (length: Uncertain, pleats: Uncertain): Uncertain => over(length, scaled(pleats, 2))

/**
 * Room for a pleat between the centre tube and the outside of the pack.
 *
 * @param outer outer diameter of the pack, m
 * @param core diameter on which the inner tips rest, m
 * @returns m
 * @example pleatSpace(exactly(0.064), exactly(0.034)).value // => 0.015
 */
export const pleatSpace = (outer: Uncertain, core: Uncertain): Uncertain => scaled(minus(outer, core), 0.5)

/**
 * Crowding at the core: thickness of all pleat walls over the circumference they stand on. Near one
 * and above, pleats press on each other and part of the area is blind.
 *
 * Source: common practice, no published source.
 *
 * @param pleats count
 * @param thickness of the media, m
 * @param core diameter on which the inner tips rest, m
 * @returns ratio
 * @example crowding(exactly(52), exactly(0.0007), exactly(0.034)).value // => 0.682
 */
export const crowding = (pleats: Uncertain, thickness: Uncertain, core: Uncertain): Uncertain =>
  over(scaled(times(pleats, thickness), 2), scaled(core, Math.PI))

/**
 * Distance from pleat to pleat round the outside.
 *
 * @param outer outer diameter of the pack, m
 * @param pleats count
 * @returns m
 * @example pleatPitch(exactly(0.064), exactly(52)).value // => 0.003867
 */
export const pleatPitch = (outer: Uncertain, pleats: Uncertain): Uncertain => over(scaled(outer, Math.PI), pleats)
