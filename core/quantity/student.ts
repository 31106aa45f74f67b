/**
 * Two-sided 95 % coverage factor of Student's t by degrees of freedom, 1 to 30.
 *
 * Source: GUM (JCGM 100:2008) table G.2, column 95 %, the classical table of Student's t; three
 * decimals as in the NIST/SEMATECH handbook, 1.3.6.7.2 (from memory, checked in the tests by
 * integrating the density).
 */
const table = [
  12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228, 2.201, 2.179, 2.16, 2.145, 2.131, 2.12, 2.11,
  2.101, 2.093, 2.086, 2.08, 2.074, 2.069, 2.064, 2.06, 2.056, 2.052, 2.048, 2.045, 2.042,
]

/**
 * Student's t for a two-sided 95 % interval.
 *
 * Beyond 30 degrees of freedom the expansion z + (z³ + z) / 4n is used, right to 0.004.
 *
 * @param degreesOfFreedom degrees of freedom, from 1 up; fractions are rounded down, as GUM G.4.1 allows
 * @throws RangeError below 1
 * @example studentT95(4) // => 2.776
 */
export function studentT95(degreesOfFreedom: number): number {
  if (!(degreesOfFreedom >= 1))
    throw new RangeError(`Student's t needs at least one degree of freedom, got ${degreesOfFreedom}`)
  const whole = Math.floor(degreesOfFreedom)
  return table[whole - 1] ?? 1.96 + (1.96 ** 3 + 1.96) / (4 * degreesOfFreedom)
}
