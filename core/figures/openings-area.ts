import type { OpeningGroup } from '#core/teardown/openings.ts'
import { exactly, plus, scaled, times, uncertain, type Uncertain } from '#core/quantity/uncertain.ts'

/**
 * Area of groups of openings. A round hole is a circle; a slot is a rectangle with two half circles,
 * so that its length is taken from tip to tip.
 *
 * Each group's size carries one uncertainty `u`, shared by its holes.
 *
 * Source: plane geometry.
 *
 * @param groups sizes in metres
 * @param u standard uncertainty of one size, metres
 * @param source name of the source of uncertainty
 * @returns m²
 * @example openingsArea([{ count: 8, width: 0.00577 }], 0, 'holes').value // => 0.0002092
 */
export function openingsArea(groups: readonly OpeningGroup[], u: number, source: string): Uncertain {
  return groups.reduce((sum, { count, width, length }, index) => {
    const across = uncertain(width, u, `${source}#${index}w`)
    const circle = scaled(times(across, across), Math.PI / 4)
    if (length === undefined) return plus(sum, scaled(circle, count))
    const straight = plus(uncertain(length, u, `${source}#${index}l`), scaled(across, -1))
    return plus(sum, scaled(plus(circle, times(across, straight)), count))
  }, exactly(0))
}
