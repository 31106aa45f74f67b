import { median } from 'simple-statistics'

/** A claimed amount over the media that has to bear it. */
export interface PerArea {
  product: string
  /** Of the amount, for each m². */
  perArea: number
  /** Times the middle of the line-up. */
  times: number
  standsOut: boolean
}

/** So many times the middle of the line-up stands out. Common practice, no published source. */
const standsOutAbove = 1.6

/**
 * Claimed amounts over measured area across a line-up: one stands out above 1.6 times the middle of at least three.
 *
 * @param claims amounts in SI and areas in m², by product
 * @example perAreaOf([{ product: 'a', amount: 0.02, area: 0.1 }])[0]?.perArea // => 0.2
 */
export function perAreaOf(claims: readonly { product: string; amount: number; area: number }[]): PerArea[] {
  const all = claims
    .filter(({ area }) => area > 0)
    .map(({ product, amount, area }) => ({ product, perArea: amount / area }))
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
