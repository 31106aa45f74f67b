import { exactly, minus, type Uncertain } from '#core/quantity/uncertain.ts'

const fahrenheit = (degrees: number): number => ((degrees + 459.67) * 5) / 9
const celsius = (degrees: number): number => degrees + 273.15

/**
 * Usable oil temperature of the rubbers used in filters, K.
 *
 * Source: nitrile to about 250 °F, silicone -40 to 400 °F, other synthetics over 400 °F: common practice,
 * no published source. Cold limits of nitrile, HNBR, ACM and FKM and the hot limits of HNBR and ACM: from
 * memory of O-ring handbooks. PTFE: from memory.
 */
export const elastomers: Record<string, { cold: number; hot: number }> = {
  nitrile: { cold: celsius(-30), hot: fahrenheit(250) },
  hnbr: { cold: celsius(-30), hot: celsius(150) },
  silicone: { cold: fahrenheit(-40), hot: fahrenheit(400) },
  acm: { cold: celsius(-20), hot: celsius(160) },
  fkm: { cold: celsius(-20), hot: fahrenheit(400) },
  ptfe: { cold: celsius(-60), hot: fahrenheit(400) },
}

/**
 * How far the hottest oil stays below what a rubber stands; below zero it hardens.
 *
 * @param material key of {@link elastomers}
 * @param oilHot K
 * @returns K
 * @throws RangeError for a material with no known range
 * @example hotMargin('nitrile', 408.15).value // => -13.9
 */
export const hotMargin = (material: string, oilHot: number): Uncertain =>
  minus(exactly(rangeOf(material).hot), exactly(oilHot))

/**
 * How far the coldest oil stays above what a rubber stands; below zero it stiffens.
 *
 * @param material key of {@link elastomers}
 * @param oilCold K
 * @returns K
 * @throws RangeError for a material with no known range
 * @example coldMargin('nitrile', 253.15).value // => 10
 */
export const coldMargin = (material: string, oilCold: number): Uncertain =>
  minus(exactly(oilCold), exactly(rangeOf(material).cold))

function rangeOf(material: string): { cold: number; hot: number } {
  const range = elastomers[material]
  if (!range) throw new RangeError('No usable range is known for this material')
  return range
}
