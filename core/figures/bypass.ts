import { minus, over, power, scaled, times, type Uncertain } from '#core/quantity/uncertain.ts'

/** Standard gravity, m/s². Source: CGPM 1901. */
const gravity = 9.80665

/**
 * Opening pressure from a push test: a rod pressed on the valve over a scale, p = m g / A(seat).
 *
 * Source: definition of pressure; common practice, no published source for the test.
 *
 * @param push scale reading at which the valve leaves its seat, kg
 * @param seat diameter of the seat, m
 * @returns Pa, the difference across the valve
 * @example openingPressure(exactly(1.336), exactly(0.0127)).value // => 103426.0
 */
export const openingPressure = (push: Uncertain, seat: Uncertain): Uncertain =>
  over(scaled(push, gravity), scaled(power(seat, 2), Math.PI / 4))

/** Shear modulus of music and spring wire, Pa. Source: Shigley, 79.3 GPa to 81.7 GPa (from memory). */
const shearModulus = 80e9

/**
 * Rate of a helical compression spring: k = G d⁴ / (8 D³ n), D the mean coil diameter.
 *
 * Source: any machine design handbook.
 *
 * @param wire diameter, m
 * @param outer outer diameter of the coil, m
 * @param coils active coils
 * @param modulus shear modulus, Pa
 * @returns N/m
 * @throws RangeError when the wire is not thinner than the coil
 * @example springRate(exactly(0.001), exactly(0.011), exactly(5)).value // => 2000
 */
export function springRate(wire: Uncertain, outer: Uncertain, coils: Uncertain, modulus = shearModulus): Uncertain {
  const mean = minus(outer, wire)
  if (mean.value <= 0) throw new RangeError('The wire is thicker than the coil is wide')
  return over(scaled(power(wire, 4), modulus), scaled(times(power(mean, 3), coils), 8))
}

/**
 * Opening pressure from the spring: preload force over the area of the seat.
 *
 * @param rate N/m
 * @param preload how far the spring is pressed when shut, m
 * @param seat diameter of the seat, m
 * @returns Pa
 * @example springPressure(exactly(2000), exactly(0.006), exactly(0.0127)).value // => 94729.2
 */
export const springPressure = (rate: Uncertain, preload: Uncertain, seat: Uncertain): Uncertain =>
  over(times(rate, preload), scaled(power(seat, 2), Math.PI / 4))
