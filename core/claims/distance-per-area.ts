import { perAreaOf, type PerArea } from './per-area.ts'

/**
 * Claimed distance over measured media area across a line-up: an interval that stands out is worth a question.
 *
 * Source: common practice, no published source.
 *
 * @param claims distance in m and media area in m², by product
 * @example distancePerArea([{ product: 'a', distance: 15e6, area: 0.1 }])[0]?.perArea // => 150000000
 */
export const distancePerArea = (claims: readonly { product: string; distance: number; area: number }[]): PerArea[] =>
  perAreaOf(claims.map(({ product, distance, area }) => ({ product, amount: distance, area })))
