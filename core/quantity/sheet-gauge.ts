/** Pounds per square foot and inch of thickness on which the Manufacturers' Standard rests. */
const poundsPerInch = 41.82

/**
 * Thickness of a sheet-steel gauge number, inches, Manufacturers' Standard Gauge for steel sheets.
 *
 * Source: Machinery's Handbook (from memory): weight in ounces per square foot divided by 16 x 41.82.
 */
const ouncesPerSquareFoot: Record<number, number> = {
  3: 160,
  4: 150,
  5: 140,
  6: 130,
  7: 120,
  8: 110,
  9: 100,
  10: 90,
  11: 80,
  12: 70,
  13: 60,
  14: 50,
  15: 45,
  16: 40,
  17: 36,
  18: 32,
  19: 28,
  20: 24,
  21: 22,
  22: 20,
  23: 18,
  24: 16,
  25: 14,
  26: 12,
  27: 11,
  28: 10,
  29: 9,
  30: 8,
  31: 7,
  32: 6.5,
  33: 6,
  34: 5.5,
  35: 5,
  36: 4.5,
  37: 4.25,
  38: 4,
  39: 3.75,
  40: 3.5,
}

/**
 * Thickness of a sheet-steel gauge number.
 *
 * @param gauge 3 to 40
 * @returns metres
 * @throws RangeError outside the table
 * @example gaugeThickness(26) // => 0.000456
 */
export function gaugeThickness(gauge: number): number {
  const ounces = ouncesPerSquareFoot[gauge]
  if (ounces === undefined) throw new RangeError(`No sheet gauge ${gauge}: the table runs from 3 to 40`)
  return (ounces / 16 / poundsPerInch) * 0.0254
}

/**
 * The gauge number nearest in thickness, and how far off it is.
 *
 * @param thickness metres
 * @returns gauge number and `off`, metres, above zero when thicker than the gauge
 * @throws RangeError unless thickness is above zero
 * @example nearestGauge(0.00049) // => { gauge: 26, off: 0.0000345 }
 */
export function nearestGauge(thickness: number): { gauge: number; off: number } {
  if (!(thickness > 0)) throw new RangeError('A sheet has a thickness above zero')
  const gauges = Object.keys(ouncesPerSquareFoot).map(Number)
  const gauge = gauges.reduce((best, other) =>
    Math.abs(gaugeThickness(other) - thickness) < Math.abs(gaugeThickness(best) - thickness) ? other : best,
  )
  return { gauge, off: thickness - gaugeThickness(gauge) }
}
