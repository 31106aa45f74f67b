import { exactly, over, plus, power, scaled, times, type Uncertain } from '#core/quantity/uncertain.ts'

/**
 * Burst pressure of a thin-walled can: p = 2 S t / D.
 *
 * Source: thin-wall (Barlow) formula, any handbook of strength of materials. An estimate: seam and
 * base often let go first. Use it to compare cans.
 *
 * @param strength tensile strength of the sheet, Pa, with what is not known of it
 * @param wall m
 * @param diameter outer, m
 * @returns Pa
 * @example burstEstimate(exactly(330e6), exactly(0.0005), exactly(0.08)).value // => 4125000
 */
export const burstEstimate = (strength: Uncertain, wall: Uncertain, diameter: Uncertain): Uncertain =>
  over(scaled(times(wall, strength), 2), diameter)

/**
 * Dent stiffness against that of a reference wall: proportional to the cube of the thickness.
 *
 * Source: plate bending stiffness E t³ / 12 (1 - ν²), handbook.
 *
 * @param wall m
 * @param reference m
 * @returns ratio
 * @example dentStiffness(exactly(0.000508), 0.000381).value // => 2.37
 */
export const dentStiffness = (wall: Uncertain, reference: number): Uncertain => power(over(wall, exactly(reference)), 3)

/**
 * Length of thread that holds.
 *
 * @param turns full turns
 * @param pitch m
 * @returns m
 * @example threadEngagement(exactly(4.5), 0.0015).value // => 0.00675
 */
export const threadEngagement = (turns: Uncertain, pitch: number): Uncertain => times(turns, exactly(pitch))

/**
 * Share of the can that the element takes, both as cylinders.
 *
 * Source: plane geometry; common practice, no published source.
 *
 * @param od of the element, m
 * @param height of the element, m
 * @param diameter of the can, m
 * @param canHeight m
 * @returns ratio
 * @example canFullness(exactly(0.064), exactly(0.07), exactly(0.076), exactly(0.085)).value // => 0.584
 */
export const canFullness = (od: Uncertain, height: Uncertain, diameter: Uncertain, canHeight: Uncertain): Uncertain =>
  over(times(power(od, 2), height), times(power(diameter, 2), canHeight))

/** Density of sheet steel, kg/m³: a handbook value. */
const steelDensity = 7850

/**
 * What a cup of steel sheet weighs: wall times the area of its side and its bottom.
 *
 * Source: common practice, no published source: 7.85 g/cm³ × wall × (π D H + π D² / 4).
 *
 * @param wall m
 * @param diameter m
 * @param height m
 * @returns kg
 * @example canWeightOfWall(exactly(0.00049), exactly(0.076), exactly(0.085)).value // => 0.0955
 */
export const canWeightOfWall = (wall: Uncertain, diameter: Uncertain, height: Uncertain): Uncertain =>
  scaled(
    times(wall, plus(scaled(times(diameter, height), Math.PI), scaled(power(diameter, 2), Math.PI / 4))),
    steelDensity,
  )
