import type { SizedGroup } from '#core/teardown/opening-groups.ts'
import type { ResolvedOpenings } from '#core/teardown/resolve.ts'
import { exactly, minus, plus, scaled, times, uncertain, type Uncertain } from '#core/quantity/uncertain.ts'

/**
 * Area of groups of openings. A round hole is a circle; a slot is a rectangle with two half circles,
 * so that its length is taken from tip to tip.
 *
 * Each size carries an uncertainty of its own, shared by the holes of its group, and that of the instrument, shared
 * by all.
 *
 * Source: plane geometry.
 *
 * @param openings sizes in metres
 * @param source name of the source of uncertainty
 * @returns m²
 * @example
 * openingsArea({ groups: [{ count: 8, width: 0.00577 }], standardUncertainty: 0, instrumentError: exactly(0) }, 'a')
 *   .value // => 0.0002092
 */
export function openingsArea(
  { groups, standardUncertainty: u, instrumentError }: Omit<ResolvedOpenings, 'groups'> & { groups: SizedGroup[] },
  source: string,
): Uncertain {
  const size = (value: number, name: string) => plus(uncertain(value, u, `${source}#${name}`), instrumentError)
  return groups.reduce((sum, { count, width, length }, index) => {
    const across = size(width, `${index}w`)
    const circle = scaled(times(across, across), Math.PI / 4)
    if (length === undefined) return plus(sum, scaled(circle, count))
    const straight = minus(size(length, `${index}l`), across)
    return plus(sum, scaled(plus(circle, times(across, straight)), count))
  }, exactly(0))
}
