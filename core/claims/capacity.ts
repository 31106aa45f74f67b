import { median } from 'simple-statistics'

export interface CapacityPerArea {
  product: string
  /** kg/m² */
  perArea: number
  /** Times the middle of the line-up. */
  times: number
  standsOut: boolean
}

/** So many times the middle of the line-up is hard to believe. Common practice, no published source. */
const standsOutAbove = 1.6

/**
 * Claimed capacity over measured area across a line-up: which claim stands out as hard to believe.
 *
 * A claim stands out above 1.6 times the middle of at least three.
 *
 * @param claims capacity in kg and media area in m², by product
 * @example capacityPerArea([{ product: 'a', capacity: 0.02, area: 0.1 }])[0]?.perArea // => 0.2
 */
export function capacityPerArea(
  claims: readonly { product: string; capacity: number; area: number }[],
): CapacityPerArea[] {
  const all = claims
    .filter(({ area }) => area > 0)
    .map(({ product, capacity, area }) => ({ product, perArea: capacity / area }))
  if (all.length === 0) return []
  const middle = median(all.map(({ perArea }) => perArea))
  return all
    .map((one) => ({
      ...one,
      times: one.perArea / middle,
      standsOut: all.length >= 3 && one.perArea > standsOutAbove * middle,
    }))
    .sort((a, b) => b.perArea - a.perArea)
}
