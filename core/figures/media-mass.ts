import { over, times, type Uncertain } from '#core/quantity/uncertain.ts'

/**
 * Dry mass of the media over the area of the whole strip, buried edges included.
 *
 * Source: definition of areal density; common practice, no published source.
 *
 * @param mass of the strip, kg
 * @param length of the strip, m
 * @param width of the whole strip, m
 * @returns kg/m²
 * @example mediaMassPerArea(exactly(0.022), exactly(1.4), exactly(0.075)).value // => 0.2095
 */
export const mediaMassPerArea = (mass: Uncertain, length: Uncertain, width: Uncertain): Uncertain =>
  over(mass, times(length, width))

/**
 * Density of the media as it lies: mass per area over thickness.
 *
 * Source: definition; common practice, no published source.
 *
 * @param massPerArea kg/m²
 * @param thickness m
 * @returns kg/m³
 * @example mediaDensity(exactly(0.21), exactly(0.0007)).value // => 300
 */
export const mediaDensity = (massPerArea: Uncertain, thickness: Uncertain): Uncertain => over(massPerArea, thickness)
