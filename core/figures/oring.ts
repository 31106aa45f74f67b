import { exactly, minus, over, type Uncertain } from '#core/quantity/uncertain.ts'

/**
 * Squeeze of an O-ring: what the groove takes of its section.
 *
 * Source: O-ring design handbooks (from memory); 10 to 30 % is usual for a static seal.
 *
 * @param section of the ring, m
 * @param groove depth of the groove, m
 * @returns ratio
 * @example oringSqueeze(exactly(0.003), exactly(0.0024)).value // => 0.2
 */
export const oringSqueeze = (section: Uncertain, groove: Uncertain): Uncertain =>
  minus(exactly(1), over(groove, section))

/**
 * Stretch of an O-ring on its seat.
 *
 * Source: O-ring design handbooks (from memory); up to 5 % is usual.
 *
 * @param inside inner diameter of the ring laid flat, m
 * @param seat diameter of the groove floor, m
 * @returns ratio
 * @example oringStretch(exactly(0.05), exactly(0.051)).value // => 0.02
 */
export const oringStretch = (inside: Uncertain, seat: Uncertain): Uncertain => minus(over(seat, inside), exactly(1))
