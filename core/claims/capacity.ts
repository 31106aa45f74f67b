import { perAreaOf, type PerArea } from './per-area.ts'

/**
 * Claimed capacity over measured area across a line-up: which claim stands out as hard to believe.
 *
 * Source: common practice, no published source.
 *
 * @param claims capacity in kg and media area in m², by product
 * @example capacityPerArea([{ product: 'a', capacity: 0.02, area: 0.1 }])[0]?.perArea // => 0.2
 */
export const capacityPerArea = (claims: readonly { product: string; capacity: number; area: number }[]): PerArea[] =>
  perAreaOf(claims.map(({ product, capacity, area }) => ({ product, amount: capacity, area })))
